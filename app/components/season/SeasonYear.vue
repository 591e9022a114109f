<script setup lang="ts">
/** Which year of the garden is shown: the plan when grown, this year, the next three, and those behind. */
const garden = useGardenStore();
const view = useViewStore();
const thisYear = view.today.getFullYear();
/** Years behind with anything on record: days recorded, or plants that grew. */
const past = computed(() => {
  const planted = garden.plantings.flatMap((row) => (row.planted_year === null || row.stays ? [] : [row.planted_year]));
  const seen = garden.seen.map((row) => Number(row.on_day.slice(0, 4)));
  const first = Math.max(thisYear - 20, Math.min(thisYear, ...planted, ...seen));
  return Array.from({ length: thisYear - first }, (_, i) => thisYear - 1 - i);
});
</script>

<template>
  <label class="text-sm"
    >The plan
    <select v-model="garden.year" class="field ml-1 w-auto!">
      <option :value="null">when grown</option>
      <option v-for="n in [3, 2, 1]" :key="n" :value="thisYear + n">as it will be in {{ thisYear + n }}</option>
      <option :value="thisYear">as it is in {{ thisYear }}</option>
      <option v-for="year in past" :key="year" :value="year">as it was in {{ year }}</option>
    </select></label
  >
</template>
