<script setup lang="ts">
import { coverage, type CoverageInput } from '~~/core/coverage/coverage';

/** What can be closed by timing: cuts, sowings, sisters of what is liked. Calculated for the plan when grown. */
const garden = useGardenStore();
const grown = computed<CoverageInput | null>(() =>
  garden.input && garden.almanac ? { ...garden.input, almanac: garden.almanac, year: null } : null,
);
const served = computed(() => (grown.value && garden.year !== null ? coverage(grown.value) : garden.served));
const gaps = computed(() =>
  (served.value?.targets ?? []).flatMap((row) =>
    row.needs
      .filter((need) => need.need.stage === 'nectar' && need.verdict !== 'closed')
      .map((covered) => ({ target: row.target, covered })),
  ),
);
</script>

<template>
  <div>
    <h1>Timing</h1>
    <p class="max-w-prose text-quiet">
      Some gaps need no new bed: a plant cut after its first flush flowers again some weeks later, an annual flowers a known
      number of days after it is sown, and a sister of what you like flowers earlier or later. Calculated for the plan when grown.
    </p>
    <NobodyYet v-if="!served?.targets.length" />
    <p v-else-if="gaps.length === 0" class="my-3">Nobody goes hungry: no gap is left for timing to close.</p>
    <template v-if="grown && served">
      <TimingGap
        v-for="gap in gaps"
        :key="gap.target"
        class="mt-4"
        :target="gap.target"
        :covered="gap.covered"
        :input="grown"
        :served="served"
      />
    </template>
    <TimedPlantings class="mt-6" />
  </div>
</template>
