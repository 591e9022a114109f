<script setup lang="ts">
const garden = useGardenStore();
const view = useViewStore();
const thisYear = view.today.getFullYear();
</script>

<template>
  <div>
    <div class="flex flex-wrap items-baseline gap-x-5 gap-y-1">
      <h1>Season</h1>
      <p v-if="garden.served?.targets.length" class="text-quiet">
        {{ garden.served.closed }} of {{ garden.served.targets.length }} life cycles close
      </p>
      <label class="ml-auto text-sm"
        >The plan
        <select v-model="garden.year" class="field ml-1 w-auto!">
          <option :value="null">when grown</option>
          <option :value="thisYear">as it is in {{ thisYear }}</option>
          <option :value="thisYear + 1">as it will be in {{ thisYear + 1 }}</option>
        </select></label
      >
    </div>
    <p v-if="!garden.served?.targets.length" class="my-6 max-w-prose">
      Nobody to serve yet. <NuxtLink class="link" :to="`/gardens/${garden.id}/targets`">Choose the species you want</NuxtLink>,
      and their year is drawn here.
    </p>
    <template v-else>
      <TheBraid class="mt-2" />
      <LedgerTable class="mt-4" />
    </template>
  </div>
</template>
