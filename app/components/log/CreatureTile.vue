<script setup lang="ts">
import type { Target } from '~~/core/model/reference';

/** A creature to press, drawn, with a few words beneath its name. */
defineProps<{ target: Target; more?: string; pressed?: boolean }>();
defineEmits<{ press: [] }>();
</script>

<template>
  <button
    type="button"
    class="flex min-h-[52px] items-center gap-2 border px-2 py-1 text-left leading-tight"
    :class="pressed ? 'border-press bg-bank' : 'border-line bg-raised'"
    :aria-pressed="pressed"
    @click="$emit('press')"
  >
    <CreatureGlyph :target="target" :size="38" />
    <span class="min-w-0"
      ><span class="creature block leading-tight">{{ target.common }}</span
      ><span v-if="more" class="block text-sm leading-tight text-quiet">{{ more }}</span></span
    >
  </button>
</template>
