<script setup lang="ts">
import { LIVE_STATES } from '~~/core/model/states';

/** What grows here already and stays: plantings from the first day, which already count. */
const garden = useGardenStore();
const commands = useCommands();
const view = useViewStore();
const rows = computed(() =>
  garden.plantings
    .filter((row) => row.stays && LIVE_STATES.has(row.state))
    .map((row) => ({ row, plant: garden.almanac?.plants.get(row.plant)?.plant, serves: servesOf(row.id) })),
);
/** How many of the targets draw on a planting. */
const servesOf = (planting: string) =>
  garden.served?.targets.filter(({ needs }) =>
    needs.some(({ cells }) => cells.some(({ contributions }) => contributions.some((one) => one.planting === planting))),
  ).length ?? 0;
const names = computed(() => garden.plants.map((here) => here.plant.common).sort());
const name = ref('');
const site = ref(garden.sites[0]?.id ?? '');
const count = ref<number | null>(1);
const since = ref<number | null>(null);
const fault = ref('');

async function add() {
  const plant = garden.plants.find((here) => here.plant.common.toLowerCase() === name.value.trim().toLowerCase())?.plant;
  fault.value = !plant
    ? 'Choose a plant of the library by its name.'
    : !Number.isInteger(count.value) || count.value! < 1
      ? 'Count whole plants.'
      : '';
  if (!plant || fault.value) return;
  // Grown before anybody wrote it down: old enough to be of full size.
  const planted_year = since.value ?? view.today.getFullYear() - 12;
  if (await commands.addPlanting(plant.id, site.value, count.value!, planted_year)) name.value = '';
}
</script>

<template>
  <div>
    <p class="max-w-prose text-sm text-quiet">
      Trees and shrubs drawn in the yard with their species count by themselves; one that is entered here too counts once. For a
      lawn, meadow or hedge add a bed with that ground.
    </p>
    <p v-if="rows.length === 0" class="text-quiet">None is recorded yet.</p>
    <ul>
      <li
        v-for="{ row, plant, serves } in rows"
        :key="row.id"
        class="flex flex-wrap items-baseline gap-x-3 border-b border-line py-1"
      >
        <button class="creature underline decoration-line" @click="view.explain({ kind: 'plant', plant: row.plant })">
          {{ plant?.common ?? row.plant }}
        </button>
        <span class="text-sm">{{ row.count }} in {{ garden.siteName(row.site_id) }}, since {{ row.planted_year }}</span>
        <span class="text-sm text-quiet">{{
          serves === 0 ? 'serves none of the targets' : `serves ${serves} of the targets`
        }}</span>
        <button class="link ml-auto text-gap" @click="commands.removePlanting(row)">
          Remove<span class="sr-only"> {{ plant?.common }}</span>
        </button>
      </li>
    </ul>
    <p v-if="garden.sites.length === 0" class="mt-2 text-quiet">Add a bed first: what stays stands in one.</p>
    <form v-else class="mt-3 flex flex-wrap items-end gap-3" novalidate @submit.prevent="add">
      <FieldRow v-slot="{ bind }" class="w-60" label="Plant that stays" :error="fault">
        <input v-bind="bind" v-model="name" class="field" list="plants-that-stay" autocomplete="off" />
        <datalist id="plants-that-stay"><option v-for="one in names" :key="one" :value="one" /></datalist>
      </FieldRow>
      <ChoiceField
        v-model="site"
        class="w-44"
        label="Where"
        :choices="garden.sites.map((row) => ({ value: row.id, words: row.name }))"
      />
      <NumberField v-model="count" class="w-20" label="How many" :step="1" />
      <NumberField v-model="since" class="w-28" label="Since (year)" :step="1" />
      <button class="press">It stays</button>
    </form>
  </div>
</template>
