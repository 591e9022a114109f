<script setup lang="ts">
import { useIntersectionObserver } from '@vueuse/core';

/**
 * A part of a long view that is made when it comes near the screen, or goes on paper; its place is kept until then. Where
 * the view is not long (`always`) it is made as soon as what is above it is drawn.
 */
defineProps<{ always: boolean; height: number }>();
const place = useTemplateRef<HTMLElement>('place');
const near = ref(false);
const printing = usePrinting();
const soon = useSoon();
const { stop } = useIntersectionObserver(
  place,
  ([entry]) => {
    if (!entry?.isIntersecting) return;
    near.value = true;
    stop();
  },
  { rootMargin: '600px' },
);
</script>

<template>
  <div
    ref="place"
    :class="always ? '' : '[content-visibility:auto] print:[content-visibility:visible]'"
    :style="
      always
        ? undefined
        : { containIntrinsicBlockSize: `auto ${height}px`, minHeight: near || printing ? undefined : `${height}px` }
    "
  >
    <slot v-if="near || printing || (always && soon)" />
  </div>
</template>
