<script setup lang="ts">
import { bedSvg } from './bed-svg';

/** A bed in small, as it is in the half-month of the handle. */
const props = defineProps<{ site: string }>();
const beds = useBedsStore();
const garden = useGardenStore();
const { bed, climbables, scene } = useBedScene(
  () => props.site,
  () => beds.saved(props.site).plants,
);
const picture = computed(() => {
  if (!bed.value || scene.value.length === 0) return null;
  const { frame } = bed.value;
  const scale = Math.min(560 / (frame.width + 0.4), 190 / (frame.depth + 0.4));
  return bedSvg(frame, scene.value, climbables.value, garden.siteName(props.site), { scale, around: 0.2, labels: 'none' });
});
</script>

<template>
  <img
    v-if="picture"
    class="max-h-52 max-w-full"
    :width="picture.width"
    :height="picture.height"
    :src="`data:image/svg+xml,${encodeURIComponent(picture.svg)}`"
    :alt="`${garden.siteName(site)} from above`"
  />
</template>
