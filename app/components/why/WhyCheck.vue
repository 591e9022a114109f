<script setup lang="ts">
import type { NextCheck } from '~~/core/why/diagnosis';
import { inUnitsOf } from '~~/core/words/units';
import { minutesWords } from '~~/core/words/work';

/** The one look that is expected to tell most for its minutes, and what each answer would mean. */
defineProps<{ next: NextCheck }>();
const emit = defineEmits<{ answer: ['yes' | 'no' | 'pass'] }>();
const view = useViewStore();
</script>

<template>
  <section class="border-2 border-press bg-raised p-3" aria-labelledby="next-look">
    <h2 id="next-look" class="text-base! text-quiet">The look that tells most, {{ minutesWords(next.check.minutes) }}</h2>
    <p class="font-serif text-lg leading-snug" aria-live="polite">{{ inUnitsOf(next.check.question, view.inUnits) }}</p>
    <p class="text-sm text-quiet">{{ inUnitsOf(next.check.how, view.inUnits) }}</p>
    <p class="no-print mt-2 flex flex-wrap gap-2">
      <button class="press press-main phone:min-h-[48px] phone:min-w-20 phone:justify-center" @click="emit('answer', 'yes')">
        Yes
      </button>
      <button class="press press-main phone:min-h-[48px] phone:min-w-20 phone:justify-center" @click="emit('answer', 'no')">
        No
      </button>
      <button class="press phone:min-h-[48px]" @click="emit('answer', 'pass')">I cannot say</button>
    </p>
    <p v-if="next.ifYes.length" class="mt-2 text-sm">Yes would speak for: {{ next.ifYes.slice(0, 3).join('; ') }}.</p>
    <p v-if="next.ifNo.length" class="text-sm">No would speak for: {{ next.ifNo.slice(0, 3).join('; ') }}.</p>
  </section>
</template>
