<script setup lang="ts">
import { useLocalStorage, useMediaQuery } from '@vueuse/core';
import { SHORT_MONTHS } from '~~/core/model/half-month';
import { CALENDAR_GROUPS, seasonCalendar, type BloomRow, type CalendarGroup } from '~~/core/season/calendar';
import { firstsOf } from '~~/core/log/firsts';
import {
  AGE_WORDS,
  bloomBars,
  bloomWords,
  daysWords,
  flightBars,
  seenMarks,
  type SeenMark,
} from '~/components/season/calendar-bars';

/** Who flies, what flowers and what stands in leaf, day by day through the year. */
const garden = useGardenStore();
const view = useViewStore();
const log = useLogStore();
log.begin();
/** There is room for the days in words beside the bars. */
const wide = useMediaQuery('(min-width: 1280px)');
const by = useLocalStorage<CalendarGroup>('outwash-calendar-by', 'bed');
const GROUP_WORDS: Record<CalendarGroup, string> = { bed: 'bed', form: 'flower form', target: 'whom it serves' };
const calendar = computed(() => (garden.input && garden.served ? seasonCalendar(garden.input, garden.served, by.value) : null));
function nameOf(of: string): string {
  if (by.value === 'bed') return garden.siteName(of);
  if (by.value === 'form') return of === 'none' ? 'no flowers' : `${of} flowers`;
  return of === '' ? 'none of the chosen' : (garden.almanac!.targets.get(of)?.target.common ?? of);
}
const remarks = (row: BloomRow) => [AGE_WORDS[row.age], row.own ? 'by your dates' : ''].filter(Boolean).join(', ');
/** Expected against seen, by plant or creature. */
const firsts = computed(() => {
  if (!garden.almanac || !log.ready) return new Map<string, SeenMark[]>();
  const rows = firstsOf(
    garden.almanac,
    log.book,
    garden.targets.map((row) => row.target),
    garden.plantedCounts.keys(),
  );
  return new Map(rows.map((row) => [row.of, seenMarks(row, garden.year ?? log.year)]));
});
const takeIcs = () =>
  garden.garden &&
  calendar.value &&
  seasonIcs(calendar.value, garden.garden, garden.year ?? view.today.getFullYear(), garden.siteName);
</script>

<template>
  <div>
    <div class="flex flex-wrap items-baseline gap-x-5 gap-y-1">
      <h1>Bloom and flight</h1>
      <div class="no-print ml-auto flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <label class="text-sm"
          >By
          <select v-model="by" class="field ml-1 w-auto!">
            <option v-for="group in CALENDAR_GROUPS" :key="group" :value="group">{{ GROUP_WORDS[group] }}</option>
          </select></label
        >
        <SeasonYear />
        <button class="link text-sm" @click="takeIcs">Calendar file</button>
      </div>
    </div>
    <p class="max-w-prose text-sm text-quiet">
      Above, adults on the wing, thick where they lay and thin where they only fly, and beneath them in green their caterpillars.
      Below, flowers in their own colour: a lower bar is the second bloom after a cut, a hollow one is not there yet; a green line
      is the leaf of a host. Upright strokes are first and last days that you saw, the last year’s in red.
    </p>
    <NobodyYet v-if="calendar && calendar.flights.length === 0" />
    <ScrollRegion v-if="calendar" label="Calendar of bloom and flight" class="mt-2">
      <table class="w-full table-fixed text-sm">
        <colgroup>
          <col class="w-32 sm:w-56" />
          <col />
          <col v-if="wide" class="w-64" />
        </colgroup>
        <thead>
          <tr class="text-xs text-quiet">
            <th scope="col"><span class="sr-only">Who or what</span></th>
            <th scope="col" class="p-0!">
              <span class="sr-only">The year</span>
              <span class="grid grid-cols-12 text-center font-normal" aria-hidden="true"
                ><span v-for="month in SHORT_MONTHS" :key="month"
                  ><span class="sm:hidden">{{ month[0] }}</span
                  ><span class="hidden sm:inline">{{ month }}</span></span
                ></span
              >
            </th>
            <th v-if="wide" scope="col" class="pl-3">When</th>
          </tr>
        </thead>
        <tbody v-if="calendar.flights.length">
          <tr>
            <th scope="rowgroup" :colspan="wide ? 3 : 2" class="pt-1 font-serif text-base">On the wing</th>
          </tr>
          <tr v-for="row in calendar.flights" :key="row.here.target.id" class="border-b border-line">
            <th scope="row" class="truncate font-normal">
              <button
                class="flex min-h-[26px] w-full items-center gap-1.5 text-left"
                @click="view.explain({ kind: 'target', target: row.here.target.id })"
              >
                <CreatureGlyph :target="row.here.target" :size="26" /><span class="creature truncate">{{
                  row.here.target.common
                }}</span>
              </button>
            </th>
            <td class="p-0!">
              <YearBar
                :bars="flightBars(row)"
                :marks="firsts.get(row.here.target.id)"
                :half-month="view.halfMonth"
                :label="`${row.here.target.common}: ${daysWords(row.flight)}`"
              />
            </td>
            <td v-if="wide" class="truncate pl-3 text-quiet">
              {{ daysWords(row.flight) }}<span v-if="row.own">, by your dates</span>
            </td>
          </tr>
        </tbody>
        <tbody v-for="section in calendar.sections" :key="section.of">
          <tr>
            <th scope="rowgroup" :colspan="wide ? 3 : 2" class="pt-2 font-serif text-base">{{ nameOf(section.of) }}</th>
          </tr>
          <tr v-for="row in section.rows" :key="row.planting.id" class="border-b border-line">
            <th scope="row" class="truncate font-normal">
              <button
                class="flex min-h-[26px] w-full items-center gap-1.5 text-left"
                @click="view.explain({ kind: 'plant', plant: row.planting.plant })"
              >
                <PlantGlyph :plant="row.here.plant" :size="22" /><span class="truncate"
                  >{{ row.planting.count }} <span class="creature">{{ row.here.plant.common }}</span></span
                >
              </button>
            </th>
            <td class="p-0!">
              <YearBar
                :bars="bloomBars(row)"
                :marks="firsts.get(row.planting.plant)"
                :half-month="view.halfMonth"
                :label="`${row.here.plant.common}: ${[bloomWords(row), remarks(row)].filter(Boolean).join('; ')}`"
              />
            </td>
            <td v-if="wide" class="pl-3 text-quiet">
              {{ bloomWords(row) }}<template v-if="remarks(row)">; {{ remarks(row) }}</template>
            </td>
          </tr>
        </tbody>
      </table>
    </ScrollRegion>
    <p v-if="calendar && calendar.sections.length === 0" class="my-4">
      Nothing is planted or planned{{ garden.year === null ? '' : ` for ${garden.year}` }}.
      <NuxtLink class="link" :to="`/gardens/${garden.id}/match`">See what fits</NuxtLink>.
    </p>
  </div>
</template>
