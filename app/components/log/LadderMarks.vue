<script setup lang="ts">
import type { Ladder } from '~~/core/log/stages';
import { RUNG_WORDS, rungSentence } from '~~/core/words/log';
import { dateName } from '~~/core/model/half-month';

/** The steps of a life as a row of stones: full where it was seen, ringed where a later step proves it, dotted where not. */
defineProps<{ ladder: Ladder }>();
const STONES = {
  seen: 'border-2 border-press bg-press text-onpress',
  follows: 'border-2 border-press bg-ground',
  unseen: 'border-2 border-dotted border-quiet bg-ground',
};
</script>

<template>
  <ol class="flex flex-wrap overflow-hidden">
    <li v-for="(row, i) in ladder.rungs" :key="row.rung" class="relative w-[5.6rem] py-0.5 text-center phone:w-1/3">
      <span
        v-if="i > 0"
        class="absolute top-[0.7rem] left-[calc(-50%+0.9rem)] h-[2.5px] w-[calc(100%-1.8rem)]"
        :class="row.state === 'unseen' ? 'bg-line' : 'bg-press'"
        aria-hidden="true"
      />
      <span
        class="mx-auto flex size-[1.35rem] items-center justify-center rounded-full text-xs leading-none"
        :class="STONES[row.state]"
        aria-hidden="true"
        >{{ row.state === 'seen' ? row.times : '' }}</span
      >
      <span class="block text-xs leading-tight" :class="row.state === 'unseen' ? 'text-quiet' : ''"
        >{{ row.rung === 'winters' ? 'winter' : RUNG_WORDS[row.rung]
        }}<span class="sr-only">: {{ rungSentence(row, dateName) }}</span></span
      >
    </li>
  </ol>
</template>
