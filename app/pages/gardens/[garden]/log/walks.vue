<script setup lang="ts">
import { countedWalks, ratesOf, usualMinutes, yearsCompared } from '~~/core/log/walks';
import { numberOf } from '~~/core/log/book';
import { dateName, halfMonthName, HALF_MONTHS } from '~~/core/model/half-month';
import { comparedWords, rateWords, sayingWords } from '~~/core/words/log';

/** The same walk, the same minutes: so that years compare. */
const garden = useGardenStore();
const log = useLogStore();
const view = useViewStore();
const running = useRunningWalk();
const { walk, begin } = running;
const mine = computed(() => walk.value?.garden === garden.id);
const minutes = ref(usualMinutes(log.book));
const of = ref('');
/** Creatures that were met on a walk, the most often met first. */
const met = computed(() => {
  const counts = new Map<string, number>();
  for (const entry of log.book.entries)
    if (entry.walk_id !== null && entry.of !== null) counts.set(entry.of, (counts.get(entry.of) ?? 0) + numberOf(entry));
  return [...counts].sort((a, b) => b[1] - a[1]).map(([id]) => id);
});
const walks = computed(() => countedWalks(log.book, of.value || null));
const years = computed(() => [...new Set(walks.value.map((row) => row.year))].sort((a, b) => a - b));
const shown = computed(() => years.value.slice(-4).map((year) => ({ year, rates: ratesOf(walks.value, year) })));
const halfMonths = computed(() =>
  Array.from({ length: HALF_MONTHS }, (_, h) => h).filter((h) => shown.value.some(({ rates }) => rates[h])),
);
const compared = computed(() =>
  years.value.slice(1).map((year, i) => {
    const before = years.value[i]!;
    return { key: year, words: wordsOf(yearsCompared(walks.value, before, year), before, year) };
  }),
);
const wordsOf = (found: ReturnType<typeof yearsCompared>, before: number, year: number) =>
  found ? comparedWords(found, before, year) : `${before} and ${year}: no half-month was walked in both.`;
const name = computed(() => (of.value ? garden.creatureName(of.value) : 'all adults'));
const list = computed(() => log.book.walks.slice(0, 60));
const seenOn = (id: string) => log.book.onWalk(id).reduce((sum, entry) => sum + numberOf(entry), 0);
</script>

<template>
  <div>
    <h1>Walks</h1>
    <p class="max-w-prose text-quiet">
      The same round past the beds, the same minutes, on a dry and mild day: then one year can be compared with another. Count
      whoever is within a few steps, each once.
    </p>
    <WalkUnderWay v-if="mine" class="mt-3" :running="running" />
    <p v-else-if="walk" class="mt-3 border-l-4 border-thin pl-3">
      A walk is under way in another garden.
      <NuxtLink class="link" :to="`/gardens/${walk.garden}/log/walks`">Go there</NuxtLink>
    </p>
    <form v-else class="no-print mt-3 flex flex-wrap items-end gap-3" @submit.prevent="begin(garden.id, minutes)">
      <label class="text-sm font-semibold"
        >Minutes
        <input
          v-model.number="minutes"
          type="number"
          min="1"
          max="600"
          required
          class="field w-24! font-normal phone:min-h-[48px]"
      /></label>
      <button class="press press-main phone:min-h-[48px]">Start the walk</button>
    </form>

    <template v-if="walks.length">
      <section class="mt-4" aria-labelledby="by-hour">
        <div class="flex flex-wrap items-baseline gap-x-5">
          <h2 id="by-hour">Counts per hour</h2>
          <label class="no-print text-sm"
            >Of
            <select v-model="of" class="field ml-1 w-auto!">
              <option value="">all adults</option>
              <option v-for="id in met" :key="id" :value="id">{{ garden.creatureName(id) }}</option>
            </select></label
          >
        </div>
        <LazyWalkChart :years="shown" :label="`Counts per hour of ${name}, by half-month; the table below says the same`" />
        <ul class="mt-2 max-w-prose text-sm">
          <li v-for="row in compared" :key="row.key">{{ row.words }}</li>
        </ul>
        <ScrollRegion class="mt-2" :label="`Counts per hour of ${name}`">
          <table class="tabular text-sm">
            <thead>
              <tr>
                <th scope="col">Half-month</th>
                <th v-for="{ year } in shown" :key="year" scope="col">{{ year }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="h in halfMonths" :key="h">
                <th scope="row" class="font-normal">{{ halfMonthName(h) }}</th>
                <td v-for="{ year, rates } in shown" :key="year">
                  <template v-if="rates[h]"
                    >{{ rateWords(rates[h]!) }}, {{ rates[h]!.walks }} {{ rates[h]!.walks === 1 ? 'walk' : 'walks' }}</template
                  >
                </td>
              </tr>
            </tbody>
          </table>
        </ScrollRegion>
      </section>
      <section class="mt-4" aria-labelledby="walked">
        <h2 id="walked">Walks so far</h2>
        <ScrollRegion label="List of walks">
          <table class="tabular text-sm">
            <thead>
              <tr>
                <th scope="col">Day</th>
                <th scope="col">How</th>
                <th scope="col">Seen</th>
                <th scope="col"><span class="sr-only">Remove</span></th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="row in list" :key="row.id">
                <th scope="row" class="font-normal whitespace-nowrap">
                  {{ dateName(row.on_day) }}{{ row.at ? `, ${row.at}` : '' }}
                </th>
                <td>{{ sayingWords(row, log.names, view.inUnits) }}</td>
                <td>{{ seenOn(row.id) }}</td>
                <td class="act">
                  <button class="link min-h-[26px] text-gap" @click="log.remove(row)">
                    Remove<span class="sr-only"> the walk of {{ dateName(row.on_day) }}</span>
                  </button>
                </td>
              </tr>
            </tbody>
          </table>
        </ScrollRegion>
      </section>
    </template>
    <p v-else class="mt-4">No walk yet. A few a month, from the first flight to the last, are enough.</p>
  </div>
</template>
