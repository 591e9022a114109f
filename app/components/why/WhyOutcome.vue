<script setup lang="ts">
import type { Case, Outcome } from '~~/core/model/why';
import { OUTCOME_WORDS } from '~~/core/words/why';

/** Did it help? The answer closes the case, and stays with the plant and its bed. */
const props = defineProps<{ row: Case }>();
const work = useWorkStore();
const cases = useCasesStore();
const commands = useCommands();
const CHOICES: readonly Outcome[] = ['helped', 'partly', 'not', 'dropped'];
const close = (outcome: Outcome) =>
  commands.changeCase(
    props.row,
    { outcome, closed_on: work.onDay },
    `${cases.symptomName(props.row.symptom)}: ${OUTCOME_WORDS[outcome].toLowerCase()}.`,
  );
</script>

<template>
  <div class="no-print mt-2" role="group" :aria-label="`Did it help: ${cases.symptomName(row.symptom)}`">
    <p class="font-semibold">Did it help?</p>
    <p class="mt-1 flex flex-wrap gap-2">
      <button v-for="one in CHOICES" :key="one" class="press phone:min-h-[48px]" @click="close(one)">
        {{ OUTCOME_WORDS[one] }}
      </button>
    </p>
  </div>
</template>
