<script setup lang="ts">
import type { Gate } from '~~/core/match/gates/gates';
import { gateSentence } from '~~/core/words/gates';

defineProps<{ gates: Gate[] }>();
</script>

<template>
  <ul v-if="gates.length" class="my-2 space-y-1 text-sm">
    <li
      v-for="gate in gates"
      :key="gateSentence(gate)"
      class="border-l-4 pl-2"
      :class="gate.effect === 'refuse' ? 'border-gap' : gate.kind === 'caution' ? 'border-line' : 'border-thin'"
    >
      <strong v-if="gate.effect === 'refuse'" class="text-gap">Refused. </strong>
      <strong v-else-if="gate.kind === 'caution'" class="text-quiet">Note. </strong>
      <strong v-else class="text-thin">Take care. </strong>{{ gateSentence(gate) }}
    </li>
  </ul>
</template>
