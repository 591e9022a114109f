<script setup lang="ts">
import { isArranged } from '~~/core/garden/placed';

/** The beds and containers of the garden, each as its planting plan. */
const garden = useGardenStore();
const beds = useBedsStore();
const view = useViewStore();
const rows = computed(() =>
  garden.sites.map((site) => {
    const plantings = beds.plantingsIn(site.id);
    const plants = plantings.reduce((sum, row) => sum + row.count, 0);
    const without = beds.unplacedIn(site.id);
    const state =
      plantings.length === 0
        ? 'nothing planted'
        : plantings.every(isArranged)
          ? 'arranged'
          : without === plants
            ? 'not arranged yet'
            : `${without} of ${plants} plants without a place`;
    return { site, kinds: new Set(plantings.map((row) => row.plant)).size, plants, state, open: without > 0 };
  }),
);
const open = computed(() => rows.value.filter((row) => row.open && row.site.kind === 'bed').length);
useHead({ title: () => `Beds · ${garden.garden?.name ?? 'Outwash'}` });
</script>

<template>
  <div>
    <div class="flex flex-wrap items-baseline gap-x-4 gap-y-1">
      <h1>Beds</h1>
      <p class="text-quiet">Where each plant goes, drawn to scale. Press one to arrange it, move plants and print it.</p>
    </div>
    <p v-if="rows.length === 0" class="mt-2">
      There is no bed or pot yet. <NuxtLink class="link" :to="`/gardens/${garden.id}/place`">Add one under Place</NuxtLink>.
    </p>
    <p v-else-if="open > 0" class="no-print mt-2 flex flex-wrap items-center gap-3">
      <button v-if="!beds.arranging" class="press press-main" @click="beds.arrangeAll()">
        Arrange {{ open === 1 ? 'the bed' : `the ${open} beds` }} not arranged yet
      </button>
      <template v-else>
        <button class="press" @click="beds.stop()">Stop</button>
        <progress class="w-40" max="1" :value="beds.progress?.done ?? 0" aria-label="How far the arranging has come" />
        <span role="status" class="text-sm text-quiet">Arranging {{ garden.siteName(beds.arranging) }} …</span>
      </template>
    </p>
    <ul class="mt-3 grid gap-x-8 gap-y-5 md:grid-cols-2">
      <li v-for="{ site, kinds, plants, state } in rows" :key="site.id" class="min-w-0 border-t border-line pt-2">
        <NuxtLink :to="`/gardens/${garden.id}/beds/${site.id}`" class="group block min-h-[44px]">
          <span class="flex flex-wrap items-baseline gap-x-3">
            <span class="link font-serif text-xl">{{ site.name }}</span>
            <span class="text-sm"
              >{{ view.area(site.area_m2) }}, {{ kinds }} {{ kinds === 1 ? 'kind' : 'kinds' }}, {{ plants }}
              {{ plants === 1 ? 'plant' : 'plants' }}</span
            >
            <span
              class="text-sm"
              :class="state === 'arranged' ? 'text-host' : state === 'nothing planted' ? 'text-quiet' : 'text-thin'"
              >{{ state }}</span
            >
          </span>
          <WhenNear v-if="plants > 0 && (site.kind === 'bed' || site.pot)" :always="rows.length <= 12" :height="200" class="mt-1">
            <LazyBedThumb v-if="site.kind === 'bed'" :site="site.id" />
            <LazyPotThumb v-else :site="site" />
          </WhenNear>
        </NuxtLink>
      </li>
    </ul>
  </div>
</template>
