<script setup lang="ts">
import { firstsOf, type FirstsRow, type SeenSpan } from '~~/core/log/firsts';
import { dayName, wrapDay } from '~~/core/model/half-month';
import { yearOf } from '~~/core/model/days';
import { lateWords, subjectWords } from '~~/core/words/log';
import { daysWords } from '~/components/season/calendar-bars';

/** First and last dates by year, what was expected against what was seen. */
const garden = useGardenStore();
const log = useLogStore();
const view = useViewStore();
const work = useWorkStore();
const about = ref<'flight' | 'bloom'>('flight');
const all = computed<FirstsRow[]>(() =>
  garden.almanac
    ? firstsOf(
        garden.almanac,
        log.book,
        garden.targets.map((row) => row.target),
        garden.plantedCounts.keys(),
      )
    : [],
);
const rows = computed(() => all.value.filter((row) => row.kind === about.value));
const years = computed(() => log.book.years.slice(0, 4).sort((a, b) => a - b));
const spanOf = (row: FirstsRow, year: number): SeenSpan | undefined => row.years.find((one) => one.year === year);
const day = (of: number) => dayName(wrapDay(of));
function explain(row: FirstsRow) {
  view.explain(row.kind === 'bloom' ? { kind: 'plant', plant: row.of } : { kind: 'target', target: row.of });
}
/** Dates of this year and the last as days of a calendar elsewhere. */
async function ics() {
  const { icsOf } = await import('~/composables/useIcs');
  const from = yearOf(work.today) - 1;
  const events = all.value.flatMap((row) =>
    log.book
      .about(row.of)
      .filter((entry) => entry.on_day >= `${from}-01-01`)
      .reduce<{ key: string; category: string; title: string; note: string; first: string; last: string }[]>((found, entry) => {
        const seen = garden.seen.find((one) => one.id === entry.id && one.what.startsWith('first'));
        if (seen && !found.some((one) => one.key === `first-${row.of}-${entry.on_day}`))
          found.push({
            key: `first-${row.of}-${entry.on_day}`,
            category: row.kind === 'bloom' ? 'first flower' : 'first adult',
            title: `${subjectWords(entry, log.names)}: ${row.kind === 'bloom' ? 'first flower' : 'first adult'}`,
            note: entry.note,
            first: entry.on_day,
            last: entry.on_day,
          });
        return found;
      }, []),
  );
  saveText(`${garden.id}-firsts.ics`, 'text/calendar', icsOf(events, garden.garden!, `${garden.garden!.name}: firsts`));
}
</script>

<template>
  <div>
    <div class="flex flex-wrap items-baseline gap-x-5 gap-y-1">
      <h1>First and last</h1>
      <div class="no-print flex gap-1.5" role="group" aria-label="Of">
        <button class="chip" :aria-pressed="about === 'flight'" @click="about = 'flight'">creatures</button>
        <button class="chip" :aria-pressed="about === 'bloom'" @click="about = 'bloom'">flowers</button>
      </div>
      <button class="link no-print ml-auto min-h-[26px] text-sm" @click="ics">Calendar file of firsts</button>
    </div>
    <p class="max-w-prose text-quiet">
      Expected is what the library calculates for this place. What you see moves the calendar of the season: near the expected day
      by itself, farther off once you have said that it is right.
      <NuxtLink class="link" :to="`/gardens/${garden.id}/season/dates`">How each date comes about</NuxtLink>.
    </p>
    <DateQuestions class="mt-2" />
    <template v-if="rows.length && years.length">
      <LazyPhenologyChart
        class="mt-3"
        :rows="rows"
        :years="years"
        label="Expected windows and the first and last days seen; the table says the same"
      />
      <ScrollRegion class="mt-3" label="First and last days by year">
        <table class="tabular text-sm">
          <thead>
            <tr>
              <th scope="col">Who or what</th>
              <th scope="col">Expected</th>
              <th v-for="year in years" :key="year" scope="col">{{ year }}</th>
              <th scope="col">Counts now</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in rows" :key="row.of">
              <th scope="row" class="font-normal">
                <button
                  class="creature min-h-[26px] text-left underline decoration-line underline-offset-2"
                  @click="explain(row)"
                >
                  {{ row.name }}
                </button>
              </th>
              <td>{{ daysWords(row.expected) }}</td>
              <td v-for="year in years" :key="year">
                <template v-if="spanOf(row, year)">
                  {{ day(spanOf(row, year)!.first)
                  }}<template v-if="spanOf(row, year)!.last !== spanOf(row, year)!.first">
                    to {{ day(spanOf(row, year)!.last) }}</template
                  >
                  <span v-if="spanOf(row, year)!.firstLate_d !== null && row.kind === 'bloom'" class="block text-xs text-quiet">{{
                    lateWords(spanOf(row, year)!.firstLate_d!)
                  }}</span>
                </template>
              </td>
              <td>{{ row.counts ? daysWords(row.counts) : '' }}</td>
            </tr>
          </tbody>
        </table>
      </ScrollRegion>
    </template>
    <p v-else class="mt-3">
      Nothing is written down of {{ about === 'flight' ? 'the chosen creatures' : 'what flowers here' }} yet.
    </p>
  </div>
</template>
