<script setup lang="ts">
import { pottedIn } from '~~/core/garden/pot-here';
import type { Combination } from '~~/core/layout/pots/combinations';
import { PLANNED } from '~~/core/model/states';
import type { Planting } from '~~/core/model/garden';
import type { MeasuredSite } from '~~/core/place/survey/measured';
import { scenePlants } from './bed-scene';

/** A combination as it would sit in its pot, as it is in the half-month of the handle. */
const props = defineProps<{ site: MeasuredSite; plants: Combination['plants'] }>();
const garden = useGardenStore();
const view = useViewStore();
const plantings = computed(() =>
  props.plants.map(({ here, count }): Planting => ({
    ...PLANNED,
    id: here.plant.id,
    revision: 0,
    plan_id: '',
    site_id: props.site.id,
    plant: here.plant.id,
    count,
  })),
);
const scene = computed(() =>
  scenePlants(
    pottedIn(garden.here!, props.site, props.plants),
    plantings.value,
    (id) => garden.almanac!.plants.get(id)!,
    () => props.site,
    view.halfMonth,
    { year: null, autumn: garden.garden!.school_autumn },
  ),
);
const label = computed(() => `In the pot: ${props.plants.map(({ here, count }) => `${count} ${here.plant.common}`).join(', ')}`);
</script>

<template>
  <PotDrawing v-if="site.pot" :pot="site.pot" :plants="scene" :label="label" high="9rem" />
</template>
