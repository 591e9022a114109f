<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core';
import type { Planting } from '~~/core/model/garden';
import type { PlantHere } from '~~/core/model/here';
import { usualSize } from '~~/core/plan/shopping/sizes';
import { isSownInPlace } from '~~/core/work/plan-tasks';
import { plantingCard, plantingDay, type PlantingCard } from '~~/core/work/planting-day';
import { listed } from '~~/core/words/lists';
import { materialsWords, PLANTING_CAUTIONS, WHEN_BOUGHT } from '~~/core/words/planting-day';

/** A day of planting: a card for each planting, on one sheet in the order of the walk, with all it takes. */
const garden = useGardenStore();
const work = useWorkStore();
const planner = usePlannerStore();
const view = useViewStore();
const input = computed(() =>
  work.work!.plantingDay(({ plant }) => planner.money.sizes[plant.id] ?? usualSize(plant, planner.money.raises)),
);
/** Sown where it is to grow, unless it is bought as a plant. */
const isSown = (row: Planting, here: PlantHere) => planner.money.sizes[row.plant] === undefined && isSownInPlace(here, row);
const sown = computed(() =>
  garden.plantings.filter((row) => {
    const here = garden.almanac?.plants.get(row.plant);
    return here && (row.state === 'planned' || row.state === 'on-order') && isSown(row, here);
  }),
);
/** What is to be planted: planned, on order, or raised here. */
const cards = computed<PlantingCard[]>(() =>
  garden.plantings.flatMap((row) => {
    if (row.state !== 'planned' && row.state !== 'on-order') return [];
    const here = garden.almanac?.plants.get(row.plant);
    const site = garden.sites.find((one) => one.id === row.site_id);
    if (!here || !site || isSown(row, here)) return [];
    return plantingCard(row, here, site, input.value) ?? [];
  }),
);
const beds = computed(() => garden.sites.filter((site) => cards.value.some((card) => card.site_id === site.id)));
const left = useLocalStorage<string[]>(`outwash-planting-${garden.id}`, []);
const isOn = (id: string) => !left.value.includes(id);
const turn = (id: string) => (left.value = isOn(id) ? [...left.value, id] : left.value.filter((one) => one !== id));
const turnBed = (site: string, on: boolean) => {
  const ids = cards.value.filter((card) => card.site_id === site).map((card) => card.planting.id);
  left.value = on ? left.value.filter((one) => !ids.includes(one)) : [...new Set([...left.value, ...ids])];
};
const day = computed(() =>
  plantingDay(
    cards.value.filter((card) => isOn(card.planting.id)),
    input.value,
  ),
);
const bedOf = (index: number) => day.value.cards[index - 1]?.site_id !== day.value.cards[index]!.site_id;
/** On a balcony nothing is dug. */
const cautions = computed(() => (garden.garden?.balcony ? PLANTING_CAUTIONS.slice(1) : PLANTING_CAUTIONS));
const print = () => window.print();
</script>

<template>
  <div>
    <div class="flex flex-wrap items-end justify-between gap-x-6 gap-y-2">
      <div>
        <h1>Planting day</h1>
        <p class="max-w-prose text-quiet">
          A card for each planting, in the order of the walk. Tick what is planted that day; print the sheet and take it along.
        </p>
      </div>
      <button v-if="cards.length" class="press press-main no-print" @click="print">Print the sheet</button>
    </div>
    <p v-if="sown.length" class="mt-2">
      Sown where they are to grow, not planted:
      {{ listed(sown.map((row) => `${row.count} ${garden.nameOf(row.plant)} in ${garden.siteName(row.site_id)}`)) }}.
      <NuxtLink class="link inline-flex items-center phone:min-h-[44px]" :to="`/gardens/${garden.id}/work/raise`"
        >When and how</NuxtLink
      >
    </p>
    <NextLine v-if="cards.length === 0 && sown.length === 0" class="mt-4">
      Nothing is planned that is not in the ground.
      <template #go><NuxtLink class="press" :to="`/gardens/${garden.id}/plan/propose`">Have a plan proposed</NuxtLink></template>
    </NextLine>
    <template v-else-if="cards.length">
      <details class="no-print mt-3">
        <summary class="font-serif text-lg text-press">What is planted: {{ day.cards.length }} of {{ cards.length }}</summary>
        <div v-for="site in beds" :key="site.id" class="mt-1">
          <p class="flex flex-wrap items-baseline gap-x-3">
            <strong>{{ site.name }}</strong>
            <button class="link min-h-[26px] text-sm phone:min-h-[44px]" @click="turnBed(site.id, true)">
              all<span class="sr-only"> of {{ site.name }}</span>
            </button>
            <button class="link min-h-[26px] text-sm phone:min-h-[44px]" @click="turnBed(site.id, false)">
              none<span class="sr-only"> of {{ site.name }}</span>
            </button>
          </p>
          <div class="flex flex-wrap gap-x-4">
            <label
              v-for="card in cards.filter((one) => one.site_id === site.id)"
              :key="card.planting.id"
              class="flex min-h-[26px] items-center gap-2 text-sm phone:min-h-[44px]"
              ><input type="checkbox" :checked="isOn(card.planting.id)" @change="turn(card.planting.id)" />
              {{ card.planting.count }} {{ card.here.plant.common }}</label
            >
          </div>
        </div>
      </details>
      <section class="mt-3 grid gap-x-8 gap-y-2 md:grid-cols-2" aria-label="What the day takes">
        <div>
          <h2>What it takes</h2>
          <ul class="list-disc pl-5 text-sm">
            <li v-for="line in materialsWords(day.materials, day.filled.length, view.inUnits)" :key="line">{{ line }}</li>
          </ul>
        </div>
        <div>
          <h2>When you buy</h2>
          <ul class="list-disc pl-5 text-sm">
            <li v-for="line in WHEN_BOUGHT" :key="line">{{ line }}</li>
          </ul>
        </div>
      </section>
      <ul class="mt-2 border-l-4 border-thin pl-3 text-sm">
        <li v-for="line in cautions" :key="line">{{ line }}</li>
      </ul>
      <ol class="mt-3 grid gap-3 lg:grid-cols-2 print:grid-cols-2">
        <template v-for="(card, i) in day.cards" :key="card.planting.id">
          <li v-if="bedOf(i)" class="lg:col-span-2 print:col-span-2">
            <h2 class="flex flex-wrap items-baseline justify-between gap-x-4 border-b border-line">
              {{ garden.siteName(card.site_id) }}
              <NuxtLink
                class="link no-print inline-flex items-center font-sans text-sm phone:min-h-[44px]"
                :to="`/gardens/${garden.id}/beds/${card.site_id}`"
                >Its places, sheet and labels</NuxtLink
              >
            </h2>
          </li>
          <PlantingDayCard :card="card" />
        </template>
      </ol>
    </template>
  </div>
</template>
