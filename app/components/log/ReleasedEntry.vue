<script setup lang="ts">
import type { EntryFields } from '~~/core/model/log';

/** What was let free in the garden: predators that were bought, or creatures raised under cover. */
const props = defineProps<{ start: Partial<EntryFields> }>();
const emit = defineEmits<{ saved: []; cancel: [] }>();
const garden = useGardenStore();
const form = useEntryDraft({ ...props.start, what: 'released' });
const { draft, errors, fault, saving } = form;
const USUAL = ['lacewing larvae', 'lady beetles', 'predatory mites', 'parasitic wasps'].map((value) => ({ value, words: value }));
const raised = computed(() => [
  { value: null, words: 'none of these' },
  ...garden.targets.map((row) => ({ value: row.target, words: garden.creatureName(row.target) })),
]);
async function submit() {
  if ((await form.submit()) === 'saved') emit('saved');
}
</script>

<template>
  <form class="space-y-3" novalidate aria-label="What was released" @submit.prevent="submit">
    <FaultBanner :fault="fault" :clash="false" />
    <ChipChoice v-model="draft.called" label="Bought" :choices="USUAL" />
    <TextField v-model="draft.called" label="Or in your words" :error="errors.called" />
    <ChoiceField
      v-model="draft.of"
      class="max-w-72"
      label="Raised under cover from eggs of this garden"
      :choices="raised"
      :error="errors.of"
    />
    <CountStepper v-model="draft.count" label="How many" :error="errors.count" />
    <p class="max-w-prose text-sm text-quiet">
      Bought predators take caterpillars as well as pests, and last some weeks. Releasing butterflies that were bought, or brought
      from elsewhere, spreads disease, and in many places needs a permit: ask your extension office first.
    </p>
    <WhenWhere v-model="draft" :errors="errors" />
    <EntryFoot :disabled="saving" @cancel="emit('cancel')" />
  </form>
</template>
