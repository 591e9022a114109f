<script setup lang="ts">
import { plantedIn, pottedIn } from '~~/core/garden/pot-here';
import type { MeasuredSite } from '~~/core/place/survey/measured';

/** A container in small, as it is in the half-month of the handle. */
const props = defineProps<{ site: MeasuredSite }>();
const garden = useGardenStore();
const beds = useBedsStore();
const { scene } = useBedScene(
  () => props.site.id,
  () => {
    const saved = beds.saved(props.site.id);
    if (saved.unplaced.every((n) => n === 0)) return saved.plants;
    return pottedIn(garden.here!, props.site, plantedIn(garden.here!, props.site));
  },
);
</script>

<template>
  <PotDrawing v-if="site.pot" :pot="site.pot" :plants="scene" :label="`${site.name} from above`" high="9rem" class="max-w-md" />
</template>
