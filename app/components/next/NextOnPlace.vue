<script setup lang="ts">
import { listed } from '~~/core/words/lists';
import { leastMeasured } from '~~/core/garden/first-steps';

/** What Place says first: where measuring would settle most. */
const garden = useGardenStore();
const VALUES = { sun: 'sun', texture: 'texture', drainage: 'drainage', ph: 'pH', moisture: 'moisture' } as const;
const found = computed(() => leastMeasured(garden.sites));
</script>

<template>
  <NextLine v-if="found">
    Least is measured of <strong>{{ found.site.name }}</strong>: {{ listed(found.values.map((value) => VALUES[value])) }}
    {{ found.values.length === 1 ? 'counts' : 'count' }} as stated.
    <template #go>
      <NuxtLink class="press" :to="`/gardens/${garden.id}/place/sites/${found.site.id}`">Measure {{ found.site.name }}</NuxtLink>
    </template>
  </NextLine>
</template>
