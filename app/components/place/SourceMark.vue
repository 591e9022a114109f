<script setup lang="ts">
import type { SiteValue } from '~~/core/model/vocabulary';
import type { MeasuredSite } from '~~/core/place/survey/measured';
import { basisWords } from '~~/core/words/survey';

/** Where a value of a site comes from, in a word next to it; nothing where it was stated. */
const props = defineProps<{ site: MeasuredSite; value: SiteValue }>();
const WORDS = {
  computed: 'computed',
  watched: 'watched',
  jar: 'jar',
  feel: 'felt',
  hole: 'hole',
  probe: 'probe',
  calculated: 'calculated',
  stated: '',
};
const counting = computed(() => props.site.figures[props.value][0]!);
</script>

<template>
  <span v-if="counting.assumed" class="block text-xs text-thin" :title="basisWords(counting)"
    ><span class="sr-only">, </span>usual here</span
  >
  <span v-else-if="counting.source !== 'stated'" class="block text-xs text-press" :title="basisWords(counting)"
    ><span class="sr-only">, </span>{{ WORDS[counting.source] }}</span
  >
</template>
