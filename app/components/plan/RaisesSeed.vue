<script setup lang="ts">
/** Does the gardener raise plants from seed? It decides what is bought, here and in proposals. */
const planner = usePlannerStore();
</script>

<template>
  <label class="flex min-h-[26px] items-center gap-2"
    ><input
      type="checkbox"
      :checked="planner.money.raises"
      @change="planner.saveMoney({ raises: ($event.target as HTMLInputElement).checked })"
    />
    I raise plants from seed</label
  >
</template>
