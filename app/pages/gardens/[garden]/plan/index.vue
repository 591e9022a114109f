<script setup lang="ts">
import { nextPlanting } from '~~/core/place/climate/planting-season';
import { dayName } from '~~/core/model/half-month';
import { dayOfYear } from '~/stores/view';

const garden = useGardenStore();
const planner = usePlannerStore();
const view = useViewStore();
const when = computed(() => {
  const { year, day } = nextPlanting(view.today.getFullYear(), dayOfYear(view.today), garden.garden!);
  return `${dayName(day)} ${year}`;
});
const print = () => window.print();
/** Plantings that are shown at once; of larger gardens each bed when it comes near. */
const AT_ONCE = 80;
const plants = computed(() => garden.livePlantings.reduce((sum, row) => sum + row.count, 0));
const kinds = computed(() => new Set(garden.livePlantings.map((row) => row.plant)).size);
const natives = computed(() => {
  const native = garden.livePlantings.filter((row) => garden.almanac!.plants.get(row.plant)?.status.native);
  return native.reduce((sum, row) => sum + row.count, 0);
});
</script>

<template>
  <div>
    <div class="flex flex-wrap items-baseline gap-x-5">
      <h1>Plan</h1>
      <p v-if="plants" class="text-quiet">
        {{ plants }} plants of {{ kinds }} kinds, {{ Math.round((100 * natives) / plants) }} % of them native here
      </p>
      <button v-if="plants" class="press ml-auto" @click="print">Print the planting list</button>
    </div>
    <p v-if="garden.sites.length === 0" class="my-6">
      A plan needs somewhere to stand. <NuxtLink class="link" :to="`/gardens/${garden.id}/place`">Add a bed</NuxtLink> first.
    </p>
    <p v-if="planner.added.size" class="my-2 max-w-prose border-l-4 border-press pl-3" role="status">
      {{ planner.added.size }} {{ planner.added.size === 1 ? 'planting is' : 'plantings are' }} new in the plan. Next: the
      <NuxtLink class="link" :to="`/gardens/${garden.id}/plan/shopping`">shopping list</NuxtLink>; plant from {{ when }} on, hosts
      first, trees and shrubs before herbs.
    </p>
    <NextOnPlan v-if="!planner.added.size" />
    <SavedPlans v-if="garden.sites.length > 0" />
    <WhenNear v-for="site in garden.sites" :key="site.id" :always="garden.plantings.length <= AT_ONCE" :height="420">
      <SitePlan :site="site" />
    </WhenNear>
    <WordsHere :words="['fit', 'locked', 'native', 'host', 'nectar', 'drift']" />
  </div>
</template>
