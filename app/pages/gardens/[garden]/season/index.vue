<script setup lang="ts">
const garden = useGardenStore();
const comparison = useComparisonStore();
const soon = useSoon();
/** Targets whose ledger is shown at once; a longer one is made when it comes near. */
const AT_ONCE = 15;
</script>

<template>
  <div>
    <div class="flex flex-wrap items-baseline gap-x-5 gap-y-1">
      <h1>Season</h1>
      <p v-if="garden.served?.targets.length" class="text-quiet">
        {{ garden.served.closed }} of {{ garden.served.targets.length }} life cycles close
      </p>
      <div v-if="garden.served?.targets.length" class="no-print ml-auto flex flex-wrap gap-x-4 gap-y-1">
        <SeasonYear />
        <CompareChoice />
      </div>
    </div>
    <NobodyYet v-if="!garden.served?.targets.length" />
    <template v-else>
      <div class="mt-2 gap-6" :class="comparison.choice ? 'grid md:grid-cols-2' : ''">
        <div class="min-w-0">
          <h2 v-if="comparison.choice">As it stands</h2>
          <TheBraid v-if="soon" class="one-page" :narrow="comparison.choice !== null" />
        </div>
        <ComparedBraid v-if="comparison.choice" class="min-w-0" />
      </div>
      <WhenNear class="next-page mt-4" :always="garden.served.targets.length <= AT_ONCE" :height="1200">
        <LedgerTable />
      </WhenNear>
    </template>
    <WordsHere
      :words="[
        'braid',
        'strand',
        'ledger',
        'closed',
        'life cycle',
        'host',
        'nectar',
        'shelter',
        'half-month',
        'brood',
        'served',
        'target',
        'native',
      ]"
    />
  </div>
</template>
