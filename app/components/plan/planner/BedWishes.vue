<script setup lang="ts">
/** What is wanted in a bed by name: a plant, a host of a creature, or that it stays as it is. */
const planner = usePlannerStore();
const garden = useGardenStore();
const site = ref(garden.sites[0]?.id ?? '');
const what = ref('');
const fault = ref('');
const plants = computed(() => garden.plants.map((here) => here.plant).sort((a, b) => a.common.localeCompare(b.common)));
const hosts = computed(() =>
  garden.targets
    .filter((row) => row.ambition !== 'visits' && garden.almanac?.targets.get(row.target)?.hosts.size)
    .map(({ target }) => ({ target, words: `a host of ${garden.creatureName(target)}` })),
);
const AS_IS = 'nothing: it stays as it is';
const rows = computed(() => [
  ...planner.wishes.here.map((row, i) => ({
    key: `here ${i}`,
    words: `${row.plant ? garden.nameOf(row.plant) : `a host of ${garden.creatureName(row.host_of!)}`} in ${garden.siteName(row.site)}`,
    drop: () => (planner.wishes = { ...planner.wishes, here: planner.wishes.here.filter((_, at) => at !== i) }),
  })),
  ...planner.wishes.leave.map((id) => ({
    key: `leave ${id}`,
    words: `${garden.siteName(id)} stays as it is`,
    drop: () => (planner.wishes = { ...planner.wishes, leave: planner.wishes.leave.filter((row) => row !== id) }),
  })),
]);
function add() {
  const wanted = what.value.trim().toLowerCase();
  const bed = site.value;
  const { wishes } = planner;
  fault.value = '';
  if (wanted === AS_IS) {
    planner.wishes = { ...wishes, leave: [...new Set([...wishes.leave, bed])] };
  } else {
    const host = hosts.value.find((row) => row.words.toLowerCase() === wanted);
    const plant = plants.value.find((row) => row.common.toLowerCase() === wanted);
    if (!host && !plant) {
      fault.value = 'Choose a plant of the library, a host of a chosen creature, or that the bed stays as it is.';
      return;
    }
    planner.wishes = {
      ...wishes,
      here: [...wishes.here, { site: bed, plant: host ? null : plant!.id, host_of: host?.target ?? null }],
    };
  }
  what.value = '';
}
</script>

<template>
  <fieldset class="mt-2">
    <legend class="text-sm font-semibold">Wanted in a bed</legend>
    <ul v-if="rows.length" class="text-sm">
      <li v-for="row in rows" :key="row.key">
        {{ row.words }}
        <button class="link ml-2 min-h-[26px]" @click="row.drop">
          Lift<span class="sr-only"> the wish for {{ row.words }}</span>
        </button>
      </li>
    </ul>
    <form class="flex flex-wrap items-end gap-2" @submit.prevent="add">
      <label class="flex flex-col text-sm"
        >In<select v-model="site" class="field w-auto!" aria-label="In which bed">
          <option v-for="row in garden.sites" :key="row.id" :value="row.id">{{ row.name }}</option>
        </select></label
      >
      <label class="flex flex-col text-sm"
        >I want<input v-model="what" class="field w-64!" list="bed-wishes" autocomplete="off"
      /></label>
      <datalist id="bed-wishes">
        <option :value="AS_IS" />
        <option v-for="row in hosts" :key="row.target" :value="row.words" />
        <option v-for="plant in plants" :key="plant.id" :value="plant.common" />
      </datalist>
      <button class="press" type="submit">Add the wish</button>
    </form>
    <p v-if="fault" class="text-sm text-gap" role="alert">{{ fault }}</p>
  </fieldset>
</template>
