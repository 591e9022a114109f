<script setup lang="ts">
import { nearestToClosing } from '~~/core/garden/first-steps';
import { gapSentence } from '~~/core/words/needs';

/** What Targets says first: whose life cycle is nearest to closing, and what it lacks. */
const garden = useGardenStore();
const view = useViewStore();
const found = computed(() => garden.served && nearestToClosing(garden.served));
const here = computed(() => found.value && garden.almanac?.targets.get(found.value.row.target));
function explain() {
  const { row, need } = found.value!;
  view.explain({ kind: 'need', target: row.target, stage: need.need.stage, special: need.need.special });
}
</script>

<template>
  <NextLine v-if="found && here">
    Nearest to closing: <strong class="creature">{{ here.target.common }}</strong>.
    {{ gapSentence(here, found.need, view.inUnits) }}
    <template #go><button class="press" @click="explain">What would serve it</button></template>
  </NextLine>
  <NextLine v-else-if="garden.served?.targets.length && garden.served.closed === garden.served.targets.length">
    Every life cycle you chose closes with this plan. Choose further creatures, or see what it asks of the year.
    <template #go><NuxtLink class="press" :to="`/gardens/${garden.id}/season`">To the season</NuxtLink></template>
  </NextLine>
</template>
