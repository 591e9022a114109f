<script setup lang="ts">
const garden = useGardenStore();
const comparison = useComparisonStore();
</script>

<template>
  <div>
    <p class="print-only font-serif text-2xl">{{ garden.garden?.name }}</p>
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
          <TheBraid class="one-page" :narrow="comparison.choice !== null" />
        </div>
        <ComparedBraid v-if="comparison.choice" class="min-w-0" />
      </div>
      <LedgerTable class="next-page mt-4" />
    </template>
  </div>
</template>
