<script setup lang="ts">
import { isListed } from '~~/core/library/status';
import { speakingOf } from '~~/core/almanac/about';
import type { ThingOf } from '~~/core/model/yard';
import { CLEARING } from '~/components/place/choices';

/** Invasive plants to clear before planting, with what usually clears them. */
const garden = useGardenStore();
const yard = useYardStore();
const view = useViewStore();
const rows = computed(() =>
  garden.things
    .filter((thing): thing is ThingOf<'invader'> => thing.kind === 'invader')
    .map((thing) => {
      const plant = garden.library?.plants.find((row) => row.id === thing.traits.plant);
      return { thing, plant, ways: plant ? speakingOf(garden.library!.clearing, plant).slice(0, 1) : [] };
    }),
);
const listed = computed(() => garden.plants.filter((here) => isListed(here.status.status)).map((here) => here.plant));
const KINDS = [
  { value: 'tree', words: 'a tree' },
  { value: 'shrub', words: 'a shrub' },
  { value: 'vine', words: 'a vine' },
  { value: 'perennial', words: 'a perennial' },
  { value: 'biennial', words: 'a biennial' },
  { value: 'annual', words: 'an annual' },
  { value: 'grass', words: 'a grass' },
  { value: 'bulb', words: 'a bulb' },
];
const kind = ref('shrub');
const byKind = computed(() => garden.library?.clearing.filter((row) => row.plant === kind.value) ?? []);
const chosen = ref('');
const other = ref('');
const fault = ref('');

async function add() {
  const plant = listed.value.find((row) => row.id === chosen.value);
  const name = plant?.common ?? other.value.trim();
  fault.value = name ? '' : 'Choose a plant or give it a name.';
  if (!name) return;
  if (
    await yard.draw([{ kind: 'invader', name, points: [], traits: { plant: plant?.id ?? null, state: 'standing', note: '' } }])
  ) {
    chosen.value = '';
    other.value = '';
  }
}
const change = (thing: ThingOf<'invader'>, traits: Partial<ThingOf<'invader'>['traits']>) =>
  yard.changeThing(thing.id, { traits: { ...thing.traits, ...traits } });
</script>

<template>
  <div>
    <p v-if="rows.length === 0" class="text-quiet">Nothing to clear is recorded.</p>
    <ul>
      <li v-for="{ thing, plant, ways } in rows" :key="thing.id" class="border-b border-line py-2">
        <div class="flex flex-wrap items-baseline gap-x-4 gap-y-1">
          <button
            v-if="plant"
            class="creature underline decoration-line"
            @click="view.explain({ kind: 'plant', plant: plant.id })"
          >
            {{ thing.name }}
          </button>
          <span v-else class="creature">{{ thing.name }}</span>
          <span v-if="plant && thing.name !== plant.common" class="text-sm text-quiet">{{ plant.common }}</span>
          <select
            class="field w-auto!"
            :value="thing.traits.state"
            :aria-label="`How far ${thing.name} is cleared`"
            @change="change(thing, { state: ($event.target as HTMLSelectElement).value as never })"
          >
            <option v-for="choice in CLEARING" :key="choice.value" :value="choice.value">{{ choice.words }}</option>
          </select>
          <span v-if="thing.points.length === 0" class="text-sm text-quiet">not drawn</span>
          <button class="link ml-auto text-gap" @click="yard.removeThing(thing)">
            Strike out<span class="sr-only"> {{ thing.name }}</span>
          </button>
        </div>
        <p v-if="thing.traits.note" class="text-sm text-quiet">{{ thing.traits.note }}</p>
        <p v-for="way in ways" :key="way.way" class="max-w-prose text-sm">
          <strong>{{ way.way }}.</strong> {{ way.season }}; {{ way.years === 1 ? 'one year' : `${way.years} years` }} until
          nothing more comes up. {{ way.note }}
        </p>
      </li>
    </ul>
    <form class="mt-3 flex flex-wrap items-end gap-3" novalidate @submit.prevent="add">
      <ChoiceField
        v-model="chosen"
        class="w-60"
        label="Listed as invasive here"
        :choices="[{ value: '', words: 'another one' }, ...listed.map((row) => ({ value: row.id, words: row.common }))]"
      />
      <TextField v-if="!chosen" v-model="other" class="w-52" label="Its name" :error="fault" />
      <button class="press">Add to the list</button>
    </form>
    <p v-if="!chosen" class="mt-2 max-w-prose text-sm text-quiet">
      What usually clears
      <select v-model="kind" class="field w-auto!" aria-label="Kind of plant to clear">
        <option v-for="row in KINDS" :key="row.value" :value="row.value">{{ row.words }}</option></select
      >:
      <template v-for="row in byKind" :key="row.way">{{ row.way }}. {{ row.season }}. {{ row.note }}</template>
    </p>
    <p class="mt-2 max-w-prose text-sm">
      Herbicides, big trees, thickets on slopes and anything at the water’s edge belong to licensed people and may need a permit:
      ask the extension or conservation office. Look for nests and caterpillars before you cut.
    </p>
  </div>
</template>
