<script setup lang="ts">
import { useIntervalFn, usePreferredReducedMotion } from '@vueuse/core';
import { halfMonthName } from '~~/core/model/half-month';
import { lightSeason } from '~~/core/place/sun/bed-sun';
import { obstructionsOf } from '~~/core/place/sun/obstructions';
import { lightNow } from '~~/core/place/sun/raster';
import { sunPath } from '~~/core/place/sun/sun-path';
import { lightPicture, LIGHT_STEPS } from '~/components/place/sun/light-picture';

const garden = useGardenStore();
const yard = useYardStore();
const view = useViewStore();
const drawing = useTemplateRef<{ picture: () => string }>('drawing');
const savePicture = () => saveAs(`${garden.id}-sun.png`, drawing.value!.picture());
type Show = 'half-month' | 'season' | 'day';
const show = ref<Show>('half-month');
const SHOWN: { value: Show; words: string }[] = [
  { value: 'half-month', words: 'this half-month' },
  { value: 'season', words: 'the growing season' },
  { value: 'day', words: 'one day' },
];
const YEARS = [
  { value: 0, words: 'as things stand' },
  { value: 5, words: 'in 5 years' },
  { value: 10, words: 'in 10 years' },
];
const drawn = computed(() => garden.siteRecords.some((site) => site.outline.length > 0));
const anything = computed(() => drawn.value || garden.things.length > 0);
onMounted(() => anything.value && (yard.stale || yard.done < 24) && yard.survey());
watch(
  () => yard.stale,
  (stale) => stale && anything.value && yard.survey(),
);
onBeforeUnmount(() => yard.surveying && yard.stop());

/** What throws shade; paths, taps and the like would only hide the picture. */
const shading = computed(() => garden.things.filter((thing) => ['building', 'fence', 'tree', 'shrub'].includes(thing.kind)));
const season = computed(() => lightSeason(garden.garden!));
const MOST_HOURS = 14;
/** Hours on every cell of what is shown, and the most the picture can show. */
const hours = computed<{ cells: Float32Array; most: number } | null>(() => {
  const total = (h: number) => {
    const layer = yard.layers[h];
    return layer ? layer.beforeNoon.map((value, i) => value + layer.afterNoon[i]!) : null;
  };
  if (show.value === 'half-month') {
    const cells = total(view.halfMonth);
    return cells && { cells, most: MOST_HOURS };
  }
  if (show.value === 'season') {
    const ready = season.value.map(total).filter((cells) => cells !== null);
    if (ready.length === 0) return null;
    return { cells: ready[0]!.map((_, i) => ready.reduce((sum, cells) => sum + cells[i]!, 0) / ready.length), most: MOST_HOURS };
  }
  const sun = path.value[step.value];
  return sun ? { cells: lightNow(yard.grid, obstructions.value, yard.yard.north_deg, sun), most: 1 } : null;
});
const picture = computed(() =>
  hours.value && hours.value.cells.length === yard.grid.columns * yard.grid.rows && hours.value.cells.length > 0
    ? lightPicture(hours.value.cells, yard.grid.columns, yard.grid.rows, hours.value.most)
    : null,
);

const obstructions = computed(() => obstructionsOf(garden.things, view.halfMonth, yard.years));

// One day: the sun's path of the half-month, played or moved by hand.
const path = computed(() => sunPath(garden.garden!.lat, garden.garden!.lon, view.halfMonth, 10));
const step = ref(0);
watch(path, () => (step.value = Math.min(step.value, path.value.length - 1)), { immediate: true });
watch(show, (now) => now === 'day' && (step.value = Math.floor(path.value.length / 2)));
const motion = usePreferredReducedMotion();
const { pause, resume, isActive } = useIntervalFn(
  () => {
    step.value = (step.value + 1) % path.value.length;
  },
  80,
  { immediate: false },
);
watch([show, () => motion.value], () => pause());
const hourWords = computed(() => {
  const at = path.value[step.value];
  if (!at) return '';
  const minutes = Math.round(Math.abs(at.hour) * 60);
  const words = `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')}`;
  return `${words} ${at.hour < 0 ? 'before' : 'after'} solar noon, sun ${Math.round((at.altitude * 180) / Math.PI)}° high`;
});
const LEGEND = computed(() =>
  LIGHT_STEPS.map((colour, i) => ({
    colour,
    words:
      show.value === 'day'
        ? i === 0
          ? 'shade'
          : i === LIGHT_STEPS.length - 1
            ? 'sun'
            : ''
        : `${((i * MOST_HOURS) / LIGHT_STEPS.length).toFixed(0)} h`,
  })),
);
const described = computed(() => {
  const what =
    show.value === 'day'
      ? `at ${hourWords.value}`
      : show.value === 'season'
        ? 'over the growing season'
        : `in ${halfMonthName(view.halfMonth)}`;
  return `Direct sun over the yard ${what}; the table below gives the hours of every bed.`;
});
</script>

<template>
  <section aria-labelledby="sun-title">
    <div class="flex flex-wrap items-end gap-x-5 gap-y-2">
      <h1 id="sun-title">Sun over the yard</h1>
      <ChoiceField v-model="show" class="w-44" label="Shown" :choices="SHOWN" />
      <ChoiceField v-model="yard.years" class="w-40" label="Trees" :choices="YEARS" />
      <div v-if="anything" class="flex items-center gap-2">
        <template v-if="yard.surveying">
          <progress class="w-36" max="24" :value="yard.done" aria-label="Half-months computed" />
          <span class="text-sm" role="status">{{ yard.done }} of 24 half-months</span>
          <button class="press" @click="yard.stop()">Stop</button>
        </template>
        <button v-else-if="yard.done < 24" class="press press-main" @click="yard.survey()">Compute the sun</button>
        <span v-else class="text-sm text-quiet" role="status">Computed for 24 half-months.</span>
      </div>
    </div>
    <p v-if="!anything" class="my-6 max-w-prose">
      Nothing stands in the yard yet:
      <NuxtLink class="link" :to="`/gardens/${garden.id}/place/yard`">draw the house, the trees and the beds</NuxtLink>, and the
      sun on each is calculated from where you are.
    </p>
    <template v-else>
      <p class="mt-1 text-sm text-quiet">
        {{ show === 'season' ? 'Mean of the growing season' : `${halfMonthName(view.halfMonth)}, as the year’s handle stands` }};
        hours of direct sun a day on level ground.
        <button class="link ml-3" @click="savePicture">PNG</button>
      </p>
      <div class="mt-2 border border-line">
        <YardDrawing
          ref="drawing"
          :yard="yard.yard"
          :things="shading"
          :sites="garden.sites"
          :half-month="view.halfMonth"
          :label="described"
          :raster="picture"
          :cell="yard.grid.cell_m"
        />
      </div>
      <div v-if="show === 'day'" class="mt-2 flex flex-wrap items-center gap-3">
        <button class="press" @click="isActive ? pause() : resume()">{{ isActive ? 'Hold' : 'Let the day run' }}</button>
        <input
          v-model.number="step"
          class="grow"
          type="range"
          min="0"
          :max="path.length - 1"
          aria-label="Hour of the day"
          :aria-valuetext="hourWords"
        />
        <span class="w-72 text-sm">{{ hourWords }}</span>
      </div>
      <ul class="mt-2 flex flex-wrap text-xs" aria-label="What the colours mean">
        <li v-for="entry in LEGEND" :key="entry.colour" class="w-12">
          <span class="block h-3" :style="{ background: entry.colour }" />{{ entry.words }}
        </li>
      </ul>
      <template v-if="drawn">
        <h2 class="mt-5">Hours a day on each bed{{ yard.years ? `, in ${yard.years} years` : '' }}</h2>
        <SunTable :years="yard.years" />
        <p class="mt-2 max-w-prose text-sm text-quiet">
          Trees are drawn as upright eggs and let some light through; hills and the sun under 3° are left out. Compare it with a
          day you
          <NuxtLink class="link" :to="`/gardens/${garden.id}/place`">watch yourself</NuxtLink>, bed by bed.
        </p>
      </template>
    </template>
  </section>
</template>
