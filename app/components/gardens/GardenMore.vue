<script setup lang="ts">
import { onClickOutside } from '@vueuse/core';

/** What can be done with a garden, under one word; it closes once something is chosen, or elsewhere is pressed. */
defineProps<{ name: string }>();
const box = useTemplateRef<HTMLDetailsElement>('box');
const close = () => {
  if (box.value) box.value.open = false;
};
onClickOutside(box, close);
</script>

<template>
  <details ref="box" class="relative" @keydown.escape="close">
    <summary class="link list-none whitespace-nowrap phone:flex phone:min-w-[44px] phone:items-center">
      More<span class="sr-only"> for {{ name }}</span>
    </summary>
    <div
      class="z-10 flex flex-col items-start gap-1 border border-line bg-raised p-2 text-sm whitespace-nowrap shadow-lg md:absolute md:right-0"
      @click="close"
    >
      <slot />
    </div>
  </details>
</template>
