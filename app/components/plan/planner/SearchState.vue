<script setup lang="ts">
import { moneyWords, wishesWords } from '~~/core/words/craft';

/** How the search stands: what is found, how far it is proven, and a stop. */
const planner = usePlannerStore();
const garden = useGardenStore();
const view = useViewStore();
const percent = (gap: number) => `${(100 * gap).toFixed(gap < 0.1 ? 1 : 0)} %`;
const STEPS = { first: 'A first plan', targets: 'More for the creatures', wishes: 'The same, closer to your wishes' } as const;
const steps = Object.keys(STEPS);
const names = {
  plant: garden.nameOf,
  site: garden.siteName,
  target: (id: string) => garden.almanac?.targets.get(id)?.target.common ?? id,
};
const done = computed(() => steps.indexOf(planner.step ?? ''));
const found = computed(() => planner.best && `${planner.best.covered.closed} of ${garden.targets.length} life cycles close`);
const proof = computed(() => {
  if (planner.searching && planner.targetsGap === null) return 'Still looking: this may be far from good.';
  if (planner.step === 'stopped' || (!planner.searching && !planner.complete))
    return 'Stopped early: another plan may serve the creatures better, or cost less. Look more thoroughly for a sure one.';
  if (planner.targetsGap === null) return 'How far another plan could go for the creatures is not proven yet.';
  if (planner.targetsGap > 0.0005)
    return `No plan could be worth more than ${percent(planner.targetsGap)} more to the creatures.`;
  if (planner.step === 'targets' || (planner.gap === null && planner.searching))
    return 'By what the library knows, no plan within these rules serves the creatures better: that is proven.';
  const wishes =
    planner.gap === null
      ? ' How close it comes to your wishes is not proven.'
      : planner.gap < 0.0005
        ? ' Nor does any serve them as well and meet your wishes better.'
        : ` By your wishes it is within ${percent(planner.gap)} of the best there can be.`;
  return `By what the library knows, no plan within these rules serves the creatures better: that is proven.${wishes}`;
});
</script>

<template>
  <div v-if="planner.step || planner.searching" class="mt-3 border-y border-line py-2">
    <div class="flex flex-wrap items-center gap-x-4 gap-y-1">
      <progress
        v-if="planner.searching"
        class="w-40"
        :max="steps.length"
        :value="Math.max(0, done)"
        aria-label="Steps of the search that are done"
      />
      <button v-if="planner.searching" class="press" @click="planner.stop()">
        {{ planner.best ? 'Stop here' : 'Stop' }}
      </button>
      <p v-if="planner.searching" class="text-sm text-quiet">
        {{ planner.step && planner.step !== 'done' && planner.step !== 'stopped' ? STEPS[planner.step] : 'Reading the library' }}
        … {{ planner.seconds.toFixed(0) }} s
      </p>
      <p v-if="found" role="status">
        <strong>{{ found }}</strong>
        <WordMark of="life cycle" class="ml-1">(what that means)</WordMark>
        <span v-if="planner.best" class="text-quiet">; {{ moneyWords(planner.split(planner.best), view.inUnits) }}</span>
      </p>
    </div>
    <p v-if="planner.best && planner.asked" class="text-sm">Asked for: {{ wishesWords(planner.asked, names, view.inUnits) }}.</p>
    <p v-if="planner.best" class="text-sm">
      {{ proof }}
      <template v-if="planner.step === 'stopped'">
        Stopped after {{ planner.seconds.toFixed(1) }} s with the best so far.</template
      >
      <template v-else-if="planner.step === 'done'"> Found in {{ planner.seconds.toFixed(1) }} s.</template>
    </p>
  </div>
</template>
