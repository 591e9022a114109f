<script setup lang="ts">
import { frostFree, growingDaysLeft } from '~~/core/place/climate/frost';
import { averageDayOf, dayNumber, yearOf } from '~~/core/model/days';
import { dayName, firstDay, halfMonthName, HALF_MONTHS, shareOfYear, SHORT_MONTHS } from '~~/core/model/half-month';

const garden = useGardenStore();
const view = useViewStore();
const work = useWorkStore();

const WIDTH = 960;
const HEIGHT = 46;
const GROUND = 34;
const cell = WIDTH / HALF_MONTHS;
const xOfDay = (day: number) => shareOfYear(day) * WIDTH;

const season = computed(() => (garden.garden ? frostFree(garden.garden) : { from: 1, to: 365, days: 365 }));
const ridge = computed(() => {
  const most = Math.max(...garden.ridge, 1e-9);
  const points = garden.ridge.map((area, h) => [(h + 0.5) * cell, GROUND - 3 - (area / most) * (GROUND - 8)] as const);
  // Smoothed by cubics whose handles lie level at half a cell, so that no peak overshoots its half-month.
  let path = `M0,${GROUND - 3} L0,${points[0]![1]}`;
  let [px, py] = [0, points[0]![1]];
  for (const [x, y] of points) {
    const mid = (px + x) / 2;
    path += ` C${mid},${py} ${mid},${y} ${x},${y}`;
    [px, py] = [x, y];
  }
  return `${path} L${WIDTH},${py} L${WIDTH},${GROUND - 3} Z`;
});
/** First and last days that were seen in the year looked at. */
const seen = computed(() =>
  garden.seen
    .filter((row) => yearOf(dayNumber(row.on_day)) === (garden.year ?? yearOf(work.today)))
    .map((row) => ({ key: row.id + row.what, day: averageDayOf(row.on_day), bloom: row.what.endsWith('bloom') })),
);
const flowering = computed(
  () => `${halfMonthName(view.halfMonth)}: ${view.area(garden.ridge[view.halfMonth] ?? 0)} of the plan in flower`,
);
const growing = computed(() => {
  const left = growingDaysLeft(firstDay(view.halfMonth), garden.garden!);
  return left === 0 ? 'no growing days left' : left === 365 ? 'no frost ahead' : `${left} growing days left`;
});
const seasonWords = computed(() =>
  season.value.days === 365
    ? 'no frost in a usual year'
    : `${season.value.days} frost-free days, ${dayName(season.value.from)} to ${dayName(season.value.to)}`,
);
</script>

<template>
  <section class="relative" aria-label="The year">
    <div
      class="pointer-events-none z-10 flex flex-wrap items-baseline justify-between gap-x-4 px-1 text-sm text-quiet md:absolute md:inset-x-0 md:top-0 md:text-xs short:absolute short:inset-x-0 short:top-0 short:text-xs"
    >
      <span class="md:rounded md:bg-ground/75">
        <strong class="text-press"
          >{{ flowering }}<span class="hidden sm:inline">, {{ growing }}</span></strong
        >
      </span>
      <span class="hidden md:inline md:rounded md:bg-ground/75 md:px-1">{{ seasonWords }}</span>
    </div>
    <div class="relative">
      <svg
        :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
        class="block h-[44px] w-full md:h-10 short:h-5"
        preserveAspectRatio="none"
        aria-hidden="true"
      >
        <rect
          v-for="m in 6"
          :key="m"
          :x="(m - 1) * 4 * cell + 2 * cell"
          y="0"
          :width="2 * cell"
          :height="GROUND"
          fill="var(--bank)"
          opacity="0.55"
        />
        <path :d="ridge" fill="var(--nectar)" opacity="0.4" />
        <line x1="0" :x2="WIDTH" :y1="GROUND" :y2="GROUND" stroke="var(--line)" stroke-width="3" />
        <line :x1="xOfDay(season.from)" :x2="xOfDay(season.to)" :y1="GROUND" :y2="GROUND" stroke="var(--host)" stroke-width="4" />
        <line
          v-for="mark in seen"
          :key="mark.key"
          :x1="xOfDay(mark.day)"
          :x2="xOfDay(mark.day)"
          :y1="GROUND - 6"
          :y2="GROUND + 3"
          :stroke="mark.bloom ? 'var(--nectar)' : 'var(--ink)'"
          stroke-width="1.6"
        />
        <path :d="`M${xOfDay(work.dayOfTheYear)},${GROUND + 2} l-4,8 l8,0 Z`" fill="var(--ink)" />
        <rect :x="view.halfMonth * cell" y="0" :width="cell" :height="GROUND" fill="var(--press)" opacity="0.2" />
        <line
          :x1="(view.halfMonth + 0.5) * cell"
          :x2="(view.halfMonth + 0.5) * cell"
          y1="0"
          :y2="HEIGHT"
          stroke="var(--press)"
          stroke-width="2.5"
        />
      </svg>
      <input
        class="ribbon-handle absolute inset-0 h-full w-full"
        type="range"
        min="0"
        :max="HALF_MONTHS - 1"
        step="1"
        :value="view.halfMonth"
        aria-label="Half-month shown"
        :aria-valuetext="`${flowering}, ${growing}`"
        @input="view.moveTo(Number(($event.target as HTMLInputElement).value))"
      />
    </div>
    <div class="grid grid-cols-12 text-center text-xs leading-none text-quiet short:hidden" aria-hidden="true">
      <span v-for="month in SHORT_MONTHS" :key="month"
        ><span class="md:hidden">{{ month[0] }}</span
        ><span class="hidden md:inline">{{ month }}</span></span
      >
    </div>
  </section>
</template>

<style scoped>
.ribbon-handle {
  appearance: none;
  background: transparent;
  cursor: ew-resize;
  margin: 0;
}
.ribbon-handle::-webkit-slider-thumb {
  appearance: none;
  width: calc(100% / 24);
  height: 100%;
  background: transparent;
}
.ribbon-handle::-moz-range-thumb {
  width: 4%;
  height: 100%;
  border: 0;
  background: transparent;
}
.ribbon-handle::-moz-range-track {
  background: transparent;
}
</style>
