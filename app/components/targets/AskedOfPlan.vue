<script setup lang="ts">
import { askSentence } from '~~/core/words/asks';

/** What a creature that is not chosen would still ask of this plan. */
const props = defineProps<{ target: string }>();
const garden = useGardenStore();
const asks = useAsksStore();
const view = useViewStore();
const ask = computed(() => asks.asks.get(props.target));
const words = computed(() => ask.value && askSentence(ask.value, garden.almanac!, garden.plantings, view.inUnits));
</script>

<template>
  <span v-if="ask" :class="ask.served ? 'text-host' : ask.nearly ? '' : 'text-quiet'">{{ words }}</span>
  <span v-else-if="asks.finding" class="text-quiet">…</span>
</template>
