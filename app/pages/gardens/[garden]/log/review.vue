<script setup lang="ts">
import { yearReview } from '~~/core/log/review';
import { dateName, dayName, wrapDay } from '~~/core/model/half-month';
import { comparedWords, lateWords, rateWords, RUNG_WORDS, sayingWords, subjectWords } from '~~/core/words/log';

/** A year on one page: who came, who bred, what bloomed when, what died, what was planted, beside the year before. */
const garden = useGardenStore();
const log = useLogStore();
const view = useViewStore();
const work = useWorkStore();
const years = computed(() => log.book.years);
const year = ref(years.value.find((row) => row < log.year) ?? log.year);
const review = computed(() =>
  garden.almanac
    ? yearReview(
        {
          almanac: garden.almanac,
          book: log.book,
          targets: garden.targets,
          plantings: garden.plantings,
          today: work.today,
        },
        year.value,
      )
    : null,
);
const bred = computed(
  () => review.value?.ladders.filter((row) => row.rungs.some(({ rung, state }) => rung !== 'visits' && state === 'seen')) ?? [],
);
const rungsSeen = (row: (typeof bred.value)[number]) =>
  row.rungs
    .filter(({ state }) => state === 'seen')
    .map(({ rung }) => RUNG_WORDS[rung])
    .join(', ');
const name = (of: string | null, called: string) => (of === null ? called : garden.creatureName(of));
const print = () => window.print();
const early = computed(() => review.value?.bloomed.filter((row) => row.span.firstLate_d !== null) ?? []);
/** How the spring came: the middle of how late the first flowers were. */
const middle = computed(() => {
  const days = early.value.map((row) => row.span.firstLate_d!).sort((a, b) => a - b);
  return days.length < 3 ? null : days[days.length >> 1]!;
});
</script>

<template>
  <div>
    <div class="flex flex-wrap items-baseline gap-x-5 gap-y-1">
      <h1>The year {{ year }}</h1>
      <label class="no-print text-sm"
        >Year
        <select v-model="year" class="field ml-1 w-auto! phone:min-h-[44px]">
          <option v-for="row in years" :key="row" :value="row">{{ row }}</option>
        </select></label
      >
      <button class="press no-print ml-auto" @click="print">Print the page</button>
    </div>
    <template v-if="review && (review.visitors.length || review.bloomed.length || review.losses.length)">
      <p class="max-w-prose">
        {{ review.visitors.length }} kinds came<template v-if="review.missing.length"
          >; seen the year before and not in this one:
          {{ review.missing.map((id) => garden.creatureName(id)).join(', ') }}</template
        >.
        <template v-if="middle !== null"
          >First flowers came {{ middle === 0 ? 'when expected' : `${lateWords(middle)} than expected` }}, in the
          middle.</template
        >
      </p>
      <div class="mt-3 grid gap-x-8 gap-y-4 lg:grid-cols-2 print:grid-cols-2">
        <section aria-labelledby="came">
          <h2 id="came">Who came</h2>
          <table class="tabular text-sm">
            <thead>
              <tr>
                <th scope="col">Creature</th>
                <th scope="col" class="text-right!">Seen</th>
                <th scope="col" class="text-right!">{{ year - 1 }}</th>
                <th scope="col">First to last</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="row in review.visitors" :key="row.of ?? row.called">
                <th scope="row" class="creature font-normal">{{ name(row.of, row.called) }}</th>
                <td class="text-right">{{ row.count }}</td>
                <td class="text-right text-quiet">{{ row.before?.count ?? '–' }}</td>
                <td class="whitespace-nowrap">
                  {{ dateName(row.first).replace(` ${year}`, '').replace(`, ${year}`, '')
                  }}{{
                    row.first === row.last ? '' : ` to ${dateName(row.last).replace(` ${year}`, '').replace(`, ${year}`, '')}`
                  }}
                </td>
              </tr>
            </tbody>
          </table>
        </section>
        <div class="space-y-4">
          <section aria-labelledby="bred">
            <h2 id="bred">Who bred</h2>
            <ul v-if="bred.length" class="text-sm">
              <li v-for="row in bred" :key="row.target">
                <span class="creature">{{ garden.creatureName(row.target) }}</span>: {{ rungsSeen(row)
                }}<strong v-if="row.seenToClose">, seen to close</strong>
              </li>
            </ul>
            <p v-else class="text-sm">Nobody was seen to.</p>
          </section>
          <section v-if="review.walks" aria-labelledby="walked">
            <h2 id="walked">On walks</h2>
            <p class="text-sm">
              {{
                review.walks.compared ? comparedWords(review.walks.compared, year - 1, year) : `${rateWords(review.walks.rate)}.`
              }}
            </p>
          </section>
          <section aria-labelledby="died">
            <h2 id="died">What died, and what else became of plants</h2>
            <ul v-if="review.losses.length + review.notes.length" class="text-sm">
              <li v-for="entry in [...review.losses, ...review.notes]" :key="entry.id">
                <span class="creature">{{ subjectWords(entry, log.names) }}</span>:
                {{ sayingWords(entry, log.names, view.inUnits)
                }}<span v-if="entry.note" class="text-quiet"> “{{ entry.note }}”</span>
              </li>
            </ul>
            <p v-else class="text-sm">Nothing is written down.</p>
          </section>
          <section v-if="review.planted.length" aria-labelledby="planted">
            <h2 id="planted">Planted</h2>
            <p class="text-sm">{{ review.planted.map((row) => `${row.count} ${garden.nameOf(row.plant)}`).join(', ') }}</p>
          </section>
        </div>
        <section v-if="review.bloomed.length" class="lg:col-span-2 print:col-span-2" aria-labelledby="bloomed">
          <h2 id="bloomed">What bloomed when</h2>
          <ul class="columns-1 text-sm sm:columns-2 xl:columns-3">
            <li v-for="row in review.bloomed" :key="row.of">
              <span class="creature">{{ row.name }}</span>: {{ dayName(wrapDay(row.span.first))
              }}{{ row.span.last === row.span.first ? '' : ` to ${dayName(wrapDay(row.span.last))}`
              }}<span v-if="row.span.firstLate_d !== null" class="text-quiet">, {{ lateWords(row.span.firstLate_d) }}</span>
            </li>
          </ul>
        </section>
      </div>
      <p class="no-print mt-4">
        What is different next year is in <NuxtLink class="link" :to="`/gardens/${garden.id}/plan`">the plan</NuxtLink>: what is
        planned there and not planted yet.
      </p>
      <p class="hidden text-sm print:block">
        Next year:
        {{
          garden.plantings
            .filter((row) => row.state === 'planned' || row.state === 'on-order')
            .map((row) => `${row.count} ${garden.nameOf(row.plant)}`)
            .join(', ') || 'nothing new is planned'
        }}.
      </p>
    </template>
    <p v-else class="mt-3">Nothing is written down of {{ year }}.</p>
  </div>
</template>
