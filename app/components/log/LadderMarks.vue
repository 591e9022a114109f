<script setup lang="ts">
import type { Ladder } from '~~/core/log/stages';
import { RUNG_WORDS, rungSentence } from '~~/core/words/log';
import { dateName } from '~~/core/model/half-month';

/** The steps of a life as a row of stones: full where it was seen, ringed where a later step proves it, dotted where not. */
const props = defineProps<{ ladder: Ladder }>();
const STEP = 86;
const width = computed(() => props.ladder.rungs.length * STEP);
const words = computed(() =>
  props.ladder.rungs.map((row) => `${RUNG_WORDS[row.rung]}: ${rungSentence(row, dateName)}`).join('; '),
);
</script>

<template>
  <svg :viewBox="`0 0 ${width} 40`" :width="width" height="40" class="max-w-full" role="img" :aria-label="words">
    <template v-for="(row, i) in ladder.rungs" :key="row.rung">
      <line
        v-if="i > 0"
        :x1="(i - 0.5) * STEP + 11"
        :x2="(i + 0.5) * STEP - 11"
        y1="12"
        y2="12"
        :stroke="row.state === 'unseen' ? 'var(--line)' : 'var(--press)'"
        stroke-width="2.5"
      />
      <circle
        :cx="(i + 0.5) * STEP"
        cy="12"
        r="8"
        :fill="row.state === 'seen' ? 'var(--press)' : 'var(--ground)'"
        :stroke="row.state === 'unseen' ? 'var(--quiet)' : 'var(--press)'"
        stroke-width="2"
        :stroke-dasharray="row.state === 'unseen' ? '2.5 2.5' : undefined"
      />
      <text v-if="row.state === 'seen'" :x="(i + 0.5) * STEP" y="16" text-anchor="middle" font-size="11" fill="var(--onpress)">
        {{ row.times }}
      </text>
      <text
        :x="(i + 0.5) * STEP"
        y="36"
        text-anchor="middle"
        font-size="12.5"
        :fill="row.state === 'unseen' ? 'var(--quiet)' : 'var(--ink)'"
      >
        {{ row.rung === 'winters' ? 'winter' : RUNG_WORDS[row.rung] }}
      </text>
    </template>
  </svg>
</template>
