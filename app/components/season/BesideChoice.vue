<script setup lang="ts">
import { SPIRIT_NAMES } from '~/components/planner/wishes-words';
import { THEN_WORDS, type Beside, type Then } from '~/stores/beside';

/** What the braid is put beside. */
const beside = useBesideStore();
const textOf = (choice: Beside | null) => (choice === null ? '' : JSON.stringify(choice));
const value = computed({
  get: () => textOf(beside.choice),
  set: (text: string) => beside.put(text === '' ? null : (JSON.parse(text) as Beside)),
});
const MOMENTS = Object.entries(THEN_WORDS) as [Then, string][];
</script>

<template>
  <label class="text-sm"
    >Beside it
    <select v-model="value" class="field ml-1 w-auto!">
      <option value="">nothing</option>
      <optgroup label="The garden as it was">
        <option v-for="[then, words] in MOMENTS" :key="then" :value="textOf({ kind: 'then', then })">{{ words }}</option>
      </optgroup>
      <optgroup v-if="beside.others.length" label="Plans kept">
        <option v-for="plan in beside.others" :key="plan.id" :value="textOf({ kind: 'plan', id: plan.id })">
          {{ plan.name }}
        </option>
      </optgroup>
      <optgroup v-if="beside.proposed.length" label="Plans found">
        <option v-for="which in beside.proposed" :key="which" :value="textOf({ kind: 'proposed', which })">
          {{ which === 'best' ? 'the plan proposed' : SPIRIT_NAMES[which].toLowerCase() }}
        </option>
      </optgroup>
    </select></label
  >
</template>
