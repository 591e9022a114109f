<script setup lang="ts">
import type { SiteValue } from '~~/core/model/vocabulary';
import { basisWords, type MeasuredSite } from '~~/core/survey/measured';

/** How a value of a site was come by, in a word beside it; nothing where it was only told. */
const props = defineProps<{ site: MeasuredSite; value: SiteValue }>();
const WORDS = {
  computed: 'computed',
  watched: 'watched',
  jar: 'jar',
  feel: 'felt',
  hole: 'hole',
  probe: 'probe',
  reckoned: 'reckoned',
  told: '',
};
const counting = computed(() => props.site.figures[props.value][0]!);
</script>

<template>
  <span v-if="counting.source !== 'told'" class="block text-xs text-press" :title="basisWords(counting)"
    ><span class="sr-only">, </span>{{ WORDS[counting.source] }}</span
  >
</template>
