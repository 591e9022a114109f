<script setup lang="ts">
import type { RaiseMethod } from '~~/core/model/vocabulary';
import type { KindWanted } from '~~/core/raise/garden-raising';
import { METHOD_SHORT, shareWords, YEAR_CLASS_WORDS } from '~~/core/words/raise';
import { dayWords } from '~~/core/words/work';

/** Plants raised at home: what the plan wants and the ways to it, the batches under way, and what can be divided. */
const garden = useGardenStore();
const work = useWorkStore();
const raise = useRaiseStore();
const route = useRoute();
const router = useRouter();
/** The kind whose ways are shown: one of the plan, or any plant of the library that was asked for by its page. */
const shown = computed(() => (typeof route.query.plant === 'string' ? route.query.plant : ''));
const show = (plant: string) => router.replace({ query: plant && plant !== shown.value ? { plant } : {} });
/** The best way that is not buying, and that can be taken. */
const bestOf = ({ ways }: KindWanted) => ways.find((way) => way.method !== 'bought' && !way.refused) ?? null;
const rows = computed(() =>
  raise.kinds.map((kind) => {
    const best = bestOf(kind);
    const start = best?.start ?? null;
    const open = start !== null && start.from <= work.today && work.today <= start.latest;
    return { kind, best, start, open, after: open ? start.latest : (start?.from ?? Infinity) };
  }),
);
const GROUPS = [
  { id: 'now', name: 'Can be begun now' },
  { id: 'later', name: 'Begun later' },
  { id: 'bought', name: 'Bought, or promised already' },
] as const;
const groups = computed(() =>
  GROUPS.map((group) => ({
    ...group,
    rows: rows.value
      .filter(({ kind, best, open }) => {
        const of = kind.missing === 0 || !best ? 'bought' : open ? 'now' : 'later';
        return of === group.id;
      })
      .sort((a, b) => a.after - b.after),
  })).filter((group) => group.rows.length > 0),
);
/** Asked for by a page, and none of the plan’s. */
const other = computed(() =>
  shown.value && !raise.kinds.some((kind) => kind.here.plant.id === shown.value)
    ? garden.almanac?.plants.get(shown.value)
    : undefined,
);
/** The share to be expected of a plant by a way, own figures in it. */
function expected(plant: string, method: RaiseMethod): string {
  const share = raise.raising?.shareOf(plant, method);
  return share ? shareWords(share) : '';
}
const place = computed(() => raise.raising?.place ?? null);
</script>

<template>
  <div>
    <h1>Raise</h1>
    <p class="max-w-prose text-quiet">
      Plants from seed, cuttings and division, counted back from the frosts of this garden. The days are usual ones: what you see
      in the tray goes before them.
      <template v-if="place">
        Here: {{ YEAR_CLASS_WORDS[place.yearClass]
        }}{{ place.cold ? `, ${place.cold.days} days of winter cold enough for seed` : ', no winter cold enough for seed' }}.
      </template>
    </p>

    <section v-if="raise.running.length" class="mt-4" aria-labelledby="batches">
      <h2 id="batches" class="border-b border-line">Batches under way</h2>
      <ul class="mt-2 grid gap-3 lg:grid-cols-2">
        <RaiseBatch v-for="row in raise.running" :key="row.batch.id" :row="row" />
      </ul>
    </section>

    <section v-if="other" class="mt-4" aria-labelledby="asked">
      <h2 id="asked" class="border-b border-line">{{ other.plant.common }}</h2>
      <RaiseWays :here="other" :missing="1" open-count />
    </section>

    <NextLine v-if="raise.kinds.length === 0 && !other" class="mt-4">
      The plan wants no plants that do not grow here yet. A plan comes first, or open a plant in the library and press “How to
      raise it here”.
      <template #go><NuxtLink class="press" :to="`/gardens/${garden.id}/plan/propose`">Have a plan proposed</NuxtLink></template>
    </NextLine>
    <section v-for="group in groups" :key="group.id" class="mt-4" :aria-labelledby="`raise-${group.id}`">
      <h2 :id="`raise-${group.id}`" class="border-b border-line">
        {{ group.name }} <span class="ml-1 font-sans text-sm text-quiet">{{ group.rows.length }}</span>
      </h2>
      <ul class="divide-y divide-line">
        <li v-for="{ kind, best, start, open } in group.rows" :key="kind.here.plant.id" class="py-1">
          <div
            class="grid grid-cols-[minmax(0,1fr)_auto] items-baseline gap-x-4 md:grid-cols-[minmax(0,4fr)_5rem_minmax(0,3fr)_minmax(0,4fr)_auto]"
          >
            <button
              class="min-h-[30px] text-left phone:min-h-[44px]"
              :aria-expanded="shown === kind.here.plant.id"
              @click="show(kind.here.plant.id)"
            >
              <span class="creature">{{ kind.here.plant.common }}</span>
            </button>
            <span class="tabular text-sm md:text-right"
              >{{ kind.missing }}<span class="text-quiet">{{ kind.promised ? ` of ${kind.want}` : ' wanted' }}</span></span
            >
            <span class="col-span-2 text-sm md:col-span-1">{{
              kind.missing === 0 ? `${kind.promised} on the way` : best ? METHOD_SHORT[best.method] : 'bought as plants'
            }}</span>
            <span class="col-span-2 text-sm text-quiet md:col-span-1">
              <template v-if="kind.missing > 0 && start"
                >{{ open ? 'until' : 'from' }} {{ dayWords(open ? start.latest : start.from, work.today)
                }}<template v-if="!open">, latest {{ dayWords(start.latest, work.today) }}</template></template
              >
            </span>
            <button
              class="link no-print min-h-[30px] text-sm phone:min-h-[44px] phone:min-w-[44px]"
              :aria-expanded="shown === kind.here.plant.id"
              @click="show(kind.here.plant.id)"
            >
              Ways<span class="sr-only"> to {{ kind.here.plant.common }}</span>
            </button>
          </div>
          <RaiseWays v-if="shown === kind.here.plant.id" :here="kind.here" :missing="kind.missing || kind.want" />
        </li>
      </ul>
    </section>

    <section v-if="raise.divisions.length" class="mt-5" aria-labelledby="divisions">
      <h2 id="divisions" class="border-b border-line">Old enough to be divided</h2>
      <RaiseDivisions :rows="raise.divisions" />
    </section>

    <section v-if="raise.own.length" class="mt-5" aria-labelledby="own-figures">
      <h2 id="own-figures" class="border-b border-line">What came up here</h2>
      <p class="max-w-prose text-sm text-quiet">
        Of the batches that are over. It counts seed by seed beside the library’s figures, and outweighs them as it grows.
      </p>
      <ScrollRegion class="mt-1" label="Own figures by plant and source">
        <table class="tabular text-sm">
          <thead>
            <tr>
              <th scope="col">Plant</th>
              <th scope="col">Way</th>
              <th scope="col">From</th>
              <th scope="col">Came</th>
              <th scope="col">With the library’s</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in raise.own" :key="`${row.plant} ${row.method} ${row.source}`">
              <th scope="row" class="creature font-normal">{{ garden.nameOf(row.plant) }}</th>
              <td>{{ METHOD_SHORT[row.method] }}</td>
              <td>{{ row.source }}</td>
              <td>{{ row.came }} of {{ row.tried }}</td>
              <td>{{ expected(row.plant, row.method) }}</td>
            </tr>
          </tbody>
        </table>
      </ScrollRegion>
    </section>

    <details v-if="raise.over.length" class="mt-5">
      <summary class="font-serif text-lg text-press">Batches that are over ({{ raise.over.length }})</summary>
      <ul class="mt-2 grid gap-3 lg:grid-cols-2">
        <RaiseBatch v-for="row in raise.over" :key="row.batch.id" :row="row" />
      </ul>
    </details>
    <WordsHere :words="['winter container', 'softwood', 'half-ripe', 'prick out', 'harden off', 'divide']" />
    <p class="no-print mt-4 max-w-prose text-sm text-quiet">
      Protected plants are never dug; seed and cuttings are taken where the owner allows it and the law does. What is listed as
      invasive is given no way here. Shares and days are the usual ones; your own counts take their place as they gather.
    </p>
  </div>
</template>
