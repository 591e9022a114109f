<script setup lang="ts">
import { SPIRIT_NAMES } from '~/components/plan/planner/wishes-words';
import { THEN_WORDS, type Compared, type Then } from '~/stores/comparison';

/** What the braid is compared with. */
const comparison = useComparisonStore();
const textOf = (choice: Compared | null) => (choice === null ? '' : JSON.stringify(choice));
const value = computed({
  get: () => textOf(comparison.choice),
  set: (text: string) => comparison.compareWith(text === '' ? null : (JSON.parse(text) as Compared)),
});
const MOMENTS = Object.entries(THEN_WORDS) as [Then, string][];
</script>

<template>
  <label class="text-sm"
    >Compare with
    <select v-model="value" class="field ml-1 w-auto!">
      <option value="">nothing</option>
      <optgroup label="The garden as it was">
        <option v-for="[then, words] in MOMENTS" :key="then" :value="textOf({ kind: 'then', then })">{{ words }}</option>
      </optgroup>
      <optgroup v-if="comparison.others.length" label="Saved plans">
        <option v-for="plan in comparison.others" :key="plan.id" :value="textOf({ kind: 'plan', id: plan.id })">
          {{ plan.name }}
        </option>
      </optgroup>
      <optgroup v-if="comparison.proposed.length" label="Plans found">
        <option v-for="which in comparison.proposed" :key="which" :value="textOf({ kind: 'proposed', which })">
          {{ which === 'best' ? 'the plan proposed' : SPIRIT_NAMES[which].toLowerCase() }}
        </option>
      </optgroup>
    </select></label
  >
</template>
