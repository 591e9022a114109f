<script setup lang="ts">
/** How the search stands: what is found, how far it is proven, and a stop. */
const planner = usePlannerStore();
const garden = useGardenStore();
const percent = (gap: number) => `${(100 * gap).toFixed(gap < 0.1 ? 1 : 0)} %`;
const STEPS = { first: 'A first plan', targets: 'More for the creatures', wishes: 'The same, closer to your wishes' } as const;
const steps = Object.keys(STEPS);
const done = computed(() => steps.indexOf(planner.step ?? ''));
const found = computed(() => planner.best && `${planner.best.covered.closed} of ${garden.targets.length} life cycles close`);
const proof = computed(() => {
  if (planner.targetsGap === null) return 'How far another plan could go for the creatures is not proven yet.';
  if (planner.targetsGap > 0.0005)
    return `No plan could be worth more than ${percent(planner.targetsGap)} more to the creatures.`;
  if (planner.step === 'targets' || (planner.gap === null && planner.searching))
    return 'No plan serves the creatures better: proven.';
  const wishes =
    planner.gap === null
      ? ' How close it comes to your wishes is not proven.'
      : planner.gap < 0.0005
        ? ' None meets your wishes better: proven too.'
        : ` By your wishes it is within ${percent(planner.gap)} of the best there can be.`;
  return `No plan serves the creatures better: proven.${wishes}`;
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
        <span v-if="planner.best" class="text-quiet">, plants for {{ planner.coin(planner.best.money) }}</span>
      </p>
    </div>
    <p v-if="planner.best" class="text-sm">
      {{ proof }}
      <template v-if="planner.step === 'stopped'">
        Stopped after {{ planner.seconds.toFixed(1) }} s with the best so far.</template
      >
      <template v-else-if="planner.step === 'done'"> Found in {{ planner.seconds.toFixed(1) }} s.</template>
    </p>
  </div>
</template>
