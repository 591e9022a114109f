<script setup lang="ts">
import { dateName } from '~~/core/model/half-month';
import type { Case } from '~~/core/model/why';
import { OUTCOME_WORDS } from '~~/core/words/why';

/** How a saved case stands: its note, what came of it, and how it is taken up again or removed. */
const props = defineProps<{ row: Case }>();
const cases = useCasesStore();
const commands = useCommands();
const { ask } = useWhyQuestion();
const note = ref(props.row.note);
const reopen = () =>
  commands.changeCase(props.row, { outcome: null, closed_on: null }, `${cases.symptomName(props.row.symptom)}: taken up again.`);
async function remove() {
  if (await commands.removeCase(props.row)) await ask({});
}
</script>

<template>
  <div class="mt-3 border-t border-line pt-2 text-sm">
    <p v-if="row.outcome">
      {{ cases.causeOf(row)?.name }}: {{ OUTCOME_WORDS[row.outcome] }}, {{ dateName(row.closed_on!) }}.
      <button class="link no-print min-h-[26px] phone:min-h-[44px]" @click="reopen">Take it up again</button>
    </p>
    <label class="no-print block"
      >Note<input
        v-model="note"
        class="field phone:min-h-[44px]"
        maxlength="500"
        @change="commands.changeCase(row, { note }, 'Note saved.')"
    /></label>
    <p v-if="row.note" class="hidden print:block">“{{ row.note }}”</p>
    <p class="no-print mt-1">
      <button class="link min-h-[26px] text-gap phone:min-h-[44px]" @click="remove">Remove this case</button>
    </p>
  </div>
</template>
