<script setup lang="ts">
import { ADMISSIBLE } from '~~/core/library/hosts';
import type { PlantSize } from '~~/core/model/vocabulary';
import { goodsKey } from '~~/core/plan/shopping/goods';
import { billOf, shoppingList, type ShoppingLine } from '~~/core/plan/shopping/list';
import {
  lineName,
  SEASON_WORDS,
  shoppingCsv,
  SIZE_WORDS,
  SOURCE_WORDS,
  unitsWords,
  warningsOf,
  questionsOf,
} from '~~/core/words/shopping';
import { priceKey } from '~~/core/plan/shopping/sizes';
import { slugOf } from '~~/core/model/slug';

const garden = useGardenStore();
const planner = usePlannerStore();
const view = useViewStore();
const notices = useNoticesStore();
const libraryStore = useLibraryStore();
// Which seed wants cold, and so is ordered in autumn, stands with how it is raised.
void libraryStore.loadTending();

const hosts = computed(() => {
  const found = new Set<string>();
  for (const { target } of garden.targets)
    for (const [plant, host] of garden.almanac?.targets.get(target)?.hosts ?? []) if (ADMISSIBLE.has(host.rank)) found.add(plant);
  return found;
});
const lines = computed(() =>
  garden.library && libraryStore.tending
    ? shoppingList(garden.plantings, garden.sites, (plant) => garden.almanac?.plants.get(plant), {
        prices: garden.here!.prices,
        losses: garden.here?.losses ?? {},
        sizes: planner.money.sizes,
        raises: planner.money.raises,
        garden: garden.garden!,
        hosts: hosts.value,
        ways: garden.here!.ways,
      })
    : [],
);
const bill = computed(() => billOf(lines.value));
const sources = computed(() => [...new Set(lines.value.map((line) => line.source))]);
const budget = computed(() => planner.wishes.budget_minor);
const keyOf = (line: ShoppingLine) => (line.kind === 'plant' ? priceKey(line.here.plant.id, line.size) : goodsKey(line.goods));
const isOwn = (line: ShoppingLine) => planner.money.prices[keyOf(line)] !== undefined;
const shelf = useShelfStore();
void shelf.load();
/** Prices set in this garden that are not kept for all gardens as they are. */
const ownPrices = computed(() =>
  Object.entries(planner.money.prices)
    .map(([of, minor]) => ({ file: 'prices.csv' as const, key: of, cells: { of, minor: String(minor) } }))
    .filter(({ file, key, cells }) => shelf.rowOf(file, key)?.cells?.minor !== cells.minor),
);
const faulty = ref('');
function setPrice(line: ShoppingLine, event: Event) {
  const field = event.target as HTMLInputElement;
  const { [keyOf(line)]: _, ...rest } = planner.money.prices;
  const minor = Math.round(Number(field.value) * 100);
  if (field.value !== '' && !(minor >= 0 && minor <= 10_000_000)) {
    faulty.value = `The price of ${lineName(line)} is a number from 0 to 100,000.`;
    return;
  }
  faulty.value = '';
  void planner.saveMoney({ prices: field.value === '' ? rest : { ...rest, [keyOf(line)]: minor } });
}
const setSize = (plant: string, event: Event) =>
  planner.saveMoney({ sizes: { ...planner.money.sizes, [plant]: (event.target as HTMLSelectElement).value as PlantSize } });
const CURRENCIES = ['USD', 'CAD', 'MXN', 'EUR', 'GBP'].map((value) => ({ value, words: value }));
const file = computed(() => `${slugOf(garden.garden!.name)}-shopping`);
const saveCsv = () => saveText(`${file.value}.csv`, 'text/csv', shoppingCsv(lines.value, planner.money.currency));
const making = ref(false);
async function savePdf() {
  making.value = true;
  try {
    const date = isoDay(view.today);
    const blob = await shoppingPdf(garden.garden!.name, date, lines.value, planner.coin, budget.value);
    const href = URL.createObjectURL(blob);
    saveAs(`${file.value}.pdf`, href);
    URL.revokeObjectURL(href);
  } catch (error) {
    notices.say(`The PDF could not be made: ${error instanceof Error ? error.message : 'an unknown fault'}.`, 'fault');
  } finally {
    making.value = false;
  }
}
const print = () => window.print();
</script>

<template>
  <div>
    <h1>Shopping list</h1>
    <p v-if="!libraryStore.tending" role="status" class="my-4 text-quiet">Making the list …</p>
    <p v-else-if="lines.length === 0" class="my-4 max-w-prose">
      Nothing is planned that is not in the ground or on order.
      <NuxtLink class="link" :to="`/gardens/${garden.id}/plan/propose`">Have a plan proposed</NuxtLink>, or add plants from
      <NuxtLink class="link" :to="`/gardens/${garden.id}/match`">Match</NuxtLink>.
    </p>
    <template v-else>
      <div class="no-print flex flex-wrap items-end gap-x-4 gap-y-2">
        <ChoiceField
          class="w-28"
          label="Currency"
          :model-value="planner.money.currency"
          :choices="CURRENCIES"
          @update:model-value="planner.saveMoney({ currency: String($event) })"
        />
        <RaisesSeed />
        <button class="press" @click="saveCsv">CSV</button>
        <button class="press" :disabled="making" @click="savePdf">{{ making ? 'Making the PDF …' : 'PDF' }}</button>
        <button class="press" @click="print">Print</button>
      </div>
      <p v-if="faulty" class="text-gap" role="alert">{{ faulty }}</p>
      <section v-for="source in sources" :key="source" class="mt-4" :aria-labelledby="`source-${source}`">
        <h2 :id="`source-${source}`">{{ SOURCE_WORDS[source] }}</h2>
        <ScrollRegion :label="`${SOURCE_WORDS[source]}: what to buy`">
          <table class="tabular text-sm">
            <thead>
              <tr>
                <th scope="col">What</th>
                <th scope="col">As</th>
                <th scope="col">Buy</th>
                <th scope="col">When, for</th>
                <th scope="col" class="text-right!">Each ({{ planner.money.currency }})</th>
                <th scope="col" class="text-right!">Together</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="line in lines.filter((row) => row.source === source)" :key="lineName(line)">
                <th scope="row" class="font-normal">
                  <template v-if="line.kind === 'plant'">
                    <button class="min-h-[26px] text-left" @click="view.explain({ kind: 'plant', plant: line.here.plant.id })">
                      <span class="creature underline decoration-line underline-offset-2">{{ lineName(line) }}</span>
                      <em class="scientific ml-1">{{ line.here.plant.scientific }}</em>
                    </button>
                    <details class="no-print text-xs">
                      <summary class="min-h-[26px] py-1 text-press">Ask the nursery</summary>
                      <ul>
                        <li v-for="ask in questionsOf(line)" :key="ask">{{ ask }}</li>
                      </ul>
                    </details>
                    <!-- On paper the questions stand open. -->
                    <ul class="hidden text-xs print:block">
                      <li v-for="ask in questionsOf(line)" :key="ask">☐ {{ ask }}</li>
                    </ul>
                    <p v-for="warning in warningsOf(line)" :key="warning" class="max-w-prose text-xs text-gap">{{ warning }}</p>
                  </template>
                  <template v-else
                    >{{ lineName(line) }}<template v-if="line.litres > 0">, {{ view.volume(line.litres) }}</template></template
                  >
                </th>
                <td>
                  <select
                    v-if="line.kind === 'plant' && line.sizes.length > 1"
                    class="field w-auto! print:hidden"
                    :value="line.size"
                    :aria-label="`${lineName(line)} bought as`"
                    @change="setSize(line.here.plant.id, $event)"
                  >
                    <option v-for="size in line.sizes" :key="size" :value="size">{{ SIZE_WORDS[size] }}</option>
                  </select>
                  <template v-else>{{
                    line.kind === 'plant' ? SIZE_WORDS[line.size] : line.goods === 'support' ? '' : 'bag'
                  }}</template>
                </td>
                <td>
                  {{ unitsWords(line)
                  }}<span v-if="line.kind === 'plant' && line.spares > 0" class="block text-xs text-quiet"
                    >for {{ line.count }}, {{ line.spares }} spare{{
                      line.lost?.lost ? `: ${line.lost.lost} of ${line.lost.planted} died here` : ''
                    }}</span
                  ><span v-else-if="line.kind === 'plant' && line.size === 'seed'" class="block text-xs text-quiet"
                    >for {{ line.count }} plants</span
                  >
                </td>
                <td>{{ SEASON_WORDS[line.season] }}; {{ line.sites.join(', ') }}</td>
                <td class="text-right">
                  <input
                    class="field w-20! text-right print:border-0!"
                    :class="isOwn(line) ? 'font-semibold' : ''"
                    type="number"
                    min="0"
                    step="any"
                    :value="(line.unit_minor / 100).toFixed(2)"
                    :aria-label="`Price of ${lineName(line)}`"
                    @change="setPrice(line, $event)"
                  />
                </td>
                <td class="text-right">{{ planner.coin(line.total_minor) }}</td>
              </tr>
            </tbody>
          </table>
        </ScrollRegion>
      </section>
      <p class="mt-3">
        Plants <strong>{{ planner.coin(bill.plants_minor) }}</strong>; mix, mulch and supports
        {{ planner.coin(bill.goods_minor) }}; together <strong>{{ planner.coin(bill.total_minor) }}</strong><template
          v-if="budget !== null"
          >,
          <strong :class="bill.total_minor > budget ? 'text-gap' : ''">{{
            bill.total_minor > budget
              ? `${planner.coin(bill.total_minor - budget)} over the budget of ${planner.coin(budget)}`
              : `${planner.coin(budget - bill.total_minor)} of the budget left`
          }}</strong></template
        >.
      </p>
      <p class="mt-1 max-w-prose text-sm text-quiet">
        Prices are rough ones of the trade until you set your own; an empty field goes back to them. Spares are the usual losses
        of a first year. Buy scarce and protected plants nursery-propagated, never dug from the wild.
      </p>
      <p v-if="ownPrices.length" class="no-print mt-1 text-sm">
        <button class="link" :disabled="shelf.busy" @click="shelf.put(ownPrices)">
          Keep {{ ownPrices.length === 1 ? 'this price' : `these ${ownPrices.length} prices` }} for all gardens
        </button>
        <span class="ml-2 text-quiet">in whatever currency a garden counts</span>
      </p>
    </template>
  </div>
</template>
