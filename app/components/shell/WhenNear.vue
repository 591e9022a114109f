<script setup lang="ts">
import { useIntersectionObserver } from '@vueuse/core';

/** A part of a long view that is made when it comes near the screen, or goes on paper; its place is kept until then. */
const props = defineProps<{ always: boolean; height: number }>();
const place = useTemplateRef<HTMLElement>('place');
const near = ref(props.always);
const printing = usePrinting();
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
    <slot v-if="near || printing" />
  </div>
</template>
