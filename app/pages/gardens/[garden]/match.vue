<script setup lang="ts">
const garden = useGardenStore();
const soon = useSoon();
const { rows, words, target, stage, only, sort } = useMatch();
const chosen = computed(() => garden.targets.flatMap((row) => garden.almanac?.targets.get(row.target)?.target ?? []));
</script>

<template>
  <div>
    <div class="flex flex-wrap items-baseline gap-x-5">
      <h1>Match</h1>
      <p v-if="soon" class="text-quiet">
        {{ rows.length }} of {{ garden.services.length }} plants, against {{ garden.sites.length }} sites
      </p>
    </div>
    <form class="no-print mt-1 flex flex-wrap items-end gap-x-4 gap-y-1 text-sm" @submit.prevent>
      <label class="grid">Name or kind<input v-model="words" class="field w-36!" type="search" /></label>
      <label class="grid"
        >For
        <select v-model="target" class="field w-44!">
          <option value="">any chosen target</option>
          <option v-for="row in chosen" :key="row.id" :value="row.id">{{ row.common }}</option>
        </select></label
      >
      <label class="grid"
        >As
        <select v-model="stage" class="field w-28!">
          <option value="">anything</option>
          <option value="host">host</option>
          <option value="nectar">nectar</option>
        </select></label
      >
      <label class="grid"
        >Sorted by
        <select v-model="sort" class="field w-36!">
          <option value="serves">whom it serves</option>
          <option value="bloom">first bloom</option>
          <option value="height">height</option>
          <option value="name">name</option>
        </select></label
      >
      <span class="flex flex-wrap gap-x-4 gap-y-2 pb-1.5">
        <label class="inline-flex items-center gap-1.5"
          ><input v-model="only.recorded" type="checkbox" class="size-4" />recorded here</label
        >
        <label class="inline-flex items-center gap-1.5"
          ><input v-model="only.fitting" type="checkbox" class="size-4" />fits somewhere</label
        >
        <label class="inline-flex items-center gap-1.5"
          ><input v-model="only.native" type="checkbox" class="size-4" />native here</label
        >
        <label class="inline-flex items-center gap-1.5"
          ><input v-model="only.flowering" type="checkbox" class="size-4" />in flower at the handle</label
        >
      </span>
    </form>
    <p v-if="garden.sites.length === 0" class="my-6">
      No site to match against yet. <NuxtLink class="link" :to="`/gardens/${garden.id}/place`">Add a bed</NuxtLink> first.
    </p>
    <p v-else-if="soon && rows.length === 0" class="my-6">No plant passes all of these. Loosen one of the choices above.</p>
    <MatchTable v-else-if="soon" :rows="rows" />
  </div>
</template>
