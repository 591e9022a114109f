<script setup lang="ts">
import { parseGlyph } from '~~/core/model/glyph';
import type { Target } from '~~/core/model/reference';
import { pupaOf } from './young-shapes';

/** The chrysalis or cocoon in the form of its kind and its own shades, and how it is held. */
const props = defineProps<{ target: Pick<Target, 'glyph' | 'common' | 'family' | 'scientific' | 'kind'>; size: number }>();
const marks = computed(() => {
  const glyph = parseGlyph(props.target.glyph);
  return 'problem' in glyph || !glyph.pupa ? null : glyph;
});
const pupa = computed(() => pupaOf(props.target));
</script>

<template>
  <svg
    v-if="marks"
    :width="size * 0.69"
    :height="size"
    viewBox="0 0 44 64"
    class="shrink-0 overflow-visible"
    role="img"
    :aria-label="`${target.kind === 'moth' ? 'Pupa' : 'Chrysalis'} of ${target.common}, drawn`"
  >
    <path :d="pupa.d" :fill="marks.pupa" stroke="var(--quiet)" stroke-width="1.2" />
    <path :d="pupa.marks" fill="none" :stroke="marks.pupa2 ?? '#0005'" stroke-width="1.8" stroke-linecap="round" />
    <path :d="pupa.held" fill="none" stroke="var(--quiet)" stroke-width="1.2" />
  </svg>
</template>
