<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core';
import { halfMonthName, halfMonthsInWords } from '~~/core/model/half-month';
import { larvaeWords, needFigure } from '~~/core/words/needs';
import { giverOf } from '~~/core/coverage/givers';
import { leafBudget } from '~~/core/coverage/leaf-budget';
import { hungryMonths, supplyYear } from '~~/core/season/supply-year';
import { daysWords } from '~/components/season/calendar-bars';

/** Nectar and leaf through the year against what a creature wants, split by where it comes from. */
const garden = useGardenStore();
const view = useViewStore();
const stage = useLocalStorage<'nectar' | 'host'>('outwash-supply-stage', 'nectar');
const split = useLocalStorage<'form' | 'site' | 'plant'>('outwash-supply-by', 'form');
/** Leaf has no flower form: it is split by plant then. */
const by = computed({
  get: () => (stage.value === 'host' && split.value === 'form' ? 'plant' : split.value),
  set: (value) => (split.value = value),
});
const served = computed(() => garden.served?.targets ?? []);
const withNeed = computed(() => served.value.filter((row) => row.needs.some((need) => need.need.stage === stage.value)));
const chosen = ref('');
const hungry = computed(() => (garden.served ? hungryMonths(garden.served) : []));
/** The creature chosen, or else the one that is worst off. */
const target = computed(() => {
  const rows = withNeed.value;
  if (rows.some((row) => row.target === chosen.value)) return chosen.value;
  const ratio = (row: (typeof rows)[number]) => row.needs.find((need) => need.need.stage === stage.value)!.ratio;
  return rows.length === 0 ? '' : rows.reduce((a, b) => (ratio(b) < ratio(a) ? b : a)).target;
});
const covered = computed(() =>
  served.value.find((row) => row.target === target.value)?.needs.find((need) => need.need.stage === stage.value),
);
const here = computed(() => garden.almanac?.targets.get(target.value));
/** What stands in the yard, outside the beds. */
const AROUND = 'around';
const sourceOf = computed(() => (id: string) => {
  const giver = giverOf(garden.input!, id)!;
  if (by.value === 'site') return giver.site ?? AROUND;
  return by.value === 'plant' ? giver.plant : garden.almanac!.plants.get(giver.plant)!.plant.flower_form;
});
const nameOf = computed(() => (of: string) => {
  if (by.value === 'site') return of === AROUND ? 'standing in the yard' : garden.siteName(of);
  return by.value === 'plant' ? garden.nameOf(of) : `${of} flowers`;
});
const year = computed(() => (covered.value ? supplyYear(covered.value, sourceOf.value) : null));
const broods = computed(() =>
  stage.value === 'host' && garden.input && garden.served
    ? leafBudget(garden.input, garden.served).filter((row) => row.target === target.value)
    : [],
);
const broodName = (brood: number) => (brood === 0 ? 'Spring larvae' : `Brood ${brood}`);
const unit = computed(() => (stage.value === 'host' ? 'caterpillars' : 'units of nectar'));
const short = computed(() => covered.value?.gaps ?? []);
const label = computed(() =>
  short.value.length === 0
    ? `${here.value?.target.common}: enough in every half-month`
    : `${here.value?.target.common}: short in ${halfMonthsInWords(short.value)}`,
);
const rows = computed(() => (year.value?.cells ?? []).flatMap((cell, h) => (cell ? [{ h, cell }] : [])));
const amount = (x: number) => x.toFixed(x < 10 ? 1 : 0);
</script>

<template>
  <div>
    <div class="flex flex-wrap items-baseline gap-x-5 gap-y-1">
      <h1>Supply through the year</h1>
      <div class="no-print ml-auto"><SeasonYear /></div>
    </div>
    <NobodyYet v-if="served.length === 0" />
    <template v-else>
      <div class="no-print mt-1 flex flex-wrap items-baseline gap-x-4 gap-y-1 text-sm">
        <label
          >Of
          <select v-model="stage" class="field ml-1 w-auto!">
            <option value="nectar">nectar</option>
            <option value="host">host leaf</option>
          </select></label
        >
        <label
          >for
          <select class="field ml-1 w-auto!" :value="target" @change="chosen = ($event.target as HTMLSelectElement).value">
            <option v-for="row in withNeed" :key="row.target" :value="row.target">
              {{ garden.almanac!.targets.get(row.target)!.target.common }}
            </option>
          </select></label
        >
        <label
          >split by
          <select v-model="by" class="field ml-1 w-auto!">
            <option v-if="stage === 'nectar'" value="form">flower form</option>
            <option value="site">site</option>
            <option value="plant">plant</option>
          </select></label
        >
      </div>
      <template v-if="year && here && covered">
        <p class="mt-2">
          <VerdictMark :verdict="covered.verdict" />
          {{ label }}.
          <button
            v-if="covered.verdict !== 'closed'"
            class="link"
            @click="view.explain({ kind: 'need', target, stage, special: null })"
          >
            What would serve it
          </button>
        </p>
        <SupplyChart
          :of="stage"
          :spans="broods.map((row) => ({ ...row.period, name: broodName(row.brood) }))"
          class="mt-2"
          :year="year"
          :unit="unit"
          :half-month="view.halfMonth"
          :name-of="nameOf"
          :label="label"
          @pick="view.moveTo($event)"
        />
        <BandKey class="mt-1" :of="stage" :bands="year.bands.map((band) => nameOf(band.of))" />
        <template v-if="broods.length">
          <h2 class="mt-4">Brood by brood</h2>
          <ul class="text-sm">
            <li v-for="row in broods" :key="row.brood">
              {{ broodName(row.brood) }}, {{ daysWords(row.period) }}: leaf for
              <strong :class="row.feeds + 1e-9 < row.wanted ? 'text-gap' : ''">{{ Math.floor(row.feeds + 1e-9) }}</strong> of
              {{ row.wanted }} caterpillars, likely {{ larvaeWords(row) }}.
            </li>
          </ul>
        </template>
        <details class="mt-4">
          <summary class="link w-fit">The same as a table</summary>
          <ScrollRegion label="Supply by half-month">
            <table class="tabular text-sm">
              <thead>
                <tr>
                  <th scope="col">Half-month</th>
                  <th scope="col">State</th>
                  <th scope="col">Figure</th>
                  <th v-for="band in year.bands" :key="band.of" scope="col" class="text-right!">{{ nameOf(band.of) }}</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="{ h, cell } in rows" :key="h">
                  <th scope="row" class="font-normal">{{ halfMonthName(h) }}</th>
                  <td><VerdictMark :verdict="cell.verdict" /></td>
                  <td>{{ needFigure(here, covered, cell, view.inUnits) }}</td>
                  <td v-for="band in year.bands" :key="band.of" class="text-right">{{ amount(band.amounts[h]!) }}</td>
                </tr>
              </tbody>
            </table>
          </ScrollRegion>
        </details>
      </template>
      <p v-else class="my-4">None of the chosen creatures needs it.</p>
      <section v-if="stage === 'nectar'" class="mt-5" aria-labelledby="hungry">
        <h2 id="hungry">Hungry half-months of the whole garden</h2>
        <p v-if="hungry.length === 0">None: whoever flies finds enough.</p>
        <ul v-else class="text-sm">
          <li v-for="month in hungry" :key="month.halfMonth" class="mt-1">
            <button class="link min-h-[26px]" @click="view.moveTo(month.halfMonth)">{{ halfMonthName(month.halfMonth) }}</button>:
            <template v-for="(row, i) in month.targets" :key="row.target"
              >{{ i ? ', ' : ''
              }}<button class="link min-h-[26px]" @click="chosen = row.target">
                {{ garden.almanac!.targets.get(row.target)!.target.common }}</button
              >&nbsp;({{ row.cell.verdict }})</template
            >
          </li>
        </ul>
      </section>
    </template>
  </div>
</template>
