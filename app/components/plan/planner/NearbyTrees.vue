<script setup lang="ts">
import { TREE_SIZES } from '~~/core/model/vocabulary';
import type { GardenFields } from '~~/core/model/garden';

/** One question before the first proposal: which trees and shrubs stand here or just over the fence? */
const garden = useGardenStore();
const commands = useCommands();
type Neighbour = NonNullable<GardenFields['nearby']>[number];
const listed = computed(() => garden.garden?.nearby ?? null);
const woody = computed(() =>
  garden.plants
    .map((here) => here.plant)
    .filter(({ kind }) => kind === 'tree' || kind === 'shrub')
    .sort((a, b) => a.common.localeCompare(b.common)),
);
const SIZES: Record<(typeof TREE_SIZES)[number], string> = { young: 'young', half: 'half grown', grown: 'grown' };
const name = ref('');
const count = ref(1);
const size = ref<Neighbour['size']>('grown');
const fault = ref('');
const save = (nearby: Neighbour[], said: string) => commands.changeGarden({ nearby }, said);
async function add() {
  const plant = woody.value.find((row) => row.common.toLowerCase() === name.value.trim().toLowerCase());
  if (!plant) {
    fault.value = 'Choose a tree or shrub of the library by its name.';
    return;
  }
  if (!(Number.isInteger(count.value) && count.value >= 1 && count.value <= 200)) {
    fault.value = 'Count whole plants, from 1 to 200.';
    return;
  }
  fault.value = '';
  const rest = (listed.value ?? []).filter((row) => row.plant !== plant.id || row.size !== size.value);
  const added = await save(
    [...rest, { plant: plant.id, count: count.value, size: size.value }],
    `${plant.common} noted: it counts from now on.`,
  );
  if (added) name.value = '';
}
const remove = (at: number) =>
  save(
    listed.value!.filter((_, i) => i !== at),
    'Taken off the list of what stands here.',
  );
</script>

<template>
  <component :is="listed === null ? 'section' : 'details'" class="mt-3" aria-labelledby="nearby-trees">
    <component
      :is="listed === null ? 'h2' : 'summary'"
      id="nearby-trees"
      :class="listed === null ? '' : 'font-semibold text-press'"
      >{{
        listed === null
          ? 'First: what trees and shrubs stand here, or just over the fence?'
          : `Trees and shrubs that stand about (${listed.length})`
      }}</component
    >
    <p class="max-w-prose text-sm text-quiet">
      They may be hosts and shelter already, so that no tree is proposed beside one that serves as well. Those drawn in the yard
      or entered as staying count in any case.
    </p>
    <ul v-if="listed?.length" class="my-1 text-sm">
      <li v-for="(row, i) in listed" :key="`${row.plant} ${row.size}`">
        {{ row.count }} {{ garden.nameOf(row.plant) }}, {{ SIZES[row.size] }}
        <button class="link ml-2 min-h-[26px]" @click="remove(i)">
          Remove<span class="sr-only"> {{ garden.nameOf(row.plant) }}</span>
        </button>
      </li>
    </ul>
    <form class="mt-1 flex flex-wrap items-end gap-2" @submit.prevent="add">
      <label class="flex flex-col text-sm"
        >Tree or shrub<input v-model="name" class="field w-56!" list="nearby-woody" autocomplete="off"
      /></label>
      <datalist id="nearby-woody"><option v-for="plant in woody" :key="plant.id" :value="plant.common" /></datalist>
      <label class="flex flex-col text-sm"
        >How many<input v-model.number="count" class="field w-20!" type="number" min="1" max="200"
      /></label>
      <label class="flex flex-col text-sm"
        >How large<select v-model="size" class="field w-auto!">
          <option v-for="of in TREE_SIZES" :key="of" :value="of">{{ SIZES[of] }}</option>
        </select></label
      >
      <button class="press" type="submit">It stands here</button>
      <button v-if="listed === null" class="press" type="button" @click="save([], 'Noted: no tree or shrub stands about.')">
        None
      </button>
    </form>
    <p v-if="fault" class="text-sm text-gap" role="alert">{{ fault }}</p>
  </component>
</template>
