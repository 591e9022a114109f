<script setup lang="ts">
import { coverage, type CoverageInput } from '~~/core/coverage/coverage';
import { HALF_ZONES } from '~~/core/model/vocabulary';
import { MONTH_NAMES } from '~~/core/model/half-month';
import { differenceOf, type Difference } from '~~/core/coverage/difference';
import { afterDryMonth, afterHardWinter, withLessSun, withoutPlant, type Aftermath } from '~~/core/plan/what-if';
import type { Planting } from '~~/core/model/garden';
import { SETTINGS } from '~~/core/settings';

const garden = useGardenStore();
const HOURS = SETTINGS.whatIf.lessSunH;

/** The plan as it will be when grown: what a loss would open then. */
const grown = computed(() => garden.here!.inYear(null));
const input = computed<CoverageInput>(() => grown.value.input);
const now = computed(() => coverage(input.value));
const kinds = computed(() =>
  [...new Set(garden.livePlantings.map((row) => row.plant))]
    .map((plant) => ({ value: plant, words: garden.nameOf(plant) }))
    .sort((a, b) => a.words.localeCompare(b.words)),
);
const sites = computed(() => garden.sites.map((site) => ({ value: site.id, words: site.name })));
const months = MONTH_NAMES.map((words, value) => ({ value, words }));
const plant = ref<string | null>(null);
const site = ref<string | null>(null);
const driest = computed(() => {
  const all = garden.climate?.months ?? [];
  const thirst = all.map((row) => row.et0_mm - row.rain_mm);
  return Math.max(0, thirst.indexOf(Math.max(...thirst)));
});
const month = ref<number | null>(null);
watchEffect(() => {
  if (!kinds.value.some((row) => row.value === plant.value)) plant.value = kinds.value[0]?.value ?? null;
  if (!sites.value.some((row) => row.value === site.value)) site.value = sites.value[0]?.value ?? null;
  month.value ??= driest.value;
});

interface Answer {
  title: string;
  note: string;
  difference: Difference;
  closed: number;
}
const answer = shallowRef<Answer | null>(null);
function tell(title: string, changed: CoverageInput, note = '') {
  const after = coverage(changed);
  answer.value = { title, note, difference: differenceOf(now.value, after), closed: after.closed };
}
const dies = (id = plant.value!) => tell(`${garden.nameOf(id)} dies`, withoutPlant(input.value, id));
const shaded = () =>
  tell(`${garden.siteName(site.value!)} loses ${HOURS} hours of sun`, withLessSun(input.value, site.value!, HOURS));
const listed = (rows: readonly Planting[]) =>
  rows.map((row) => `${row.count} ${garden.nameOf(row.plant)} in ${garden.siteName(row.site_id)}`).join(', ');
/** What a season did, in sentences: who died, and who comes back later. */
function tellAftermath(title: string, { input: after, died, setBack }: Aftermath, when: string) {
  const sentences = [
    died.length > 0 ? `Would not live through it: ${listed(died)}.` : 'Every planting would live through it.',
    ...(setBack.length > 0 ? [`With hardly a leaf or flower ${when}: ${listed(setBack)}.`] : []),
  ];
  tell(title, after, sentences.join(' '));
}
function colder() {
  const zone = HALF_ZONES[Math.max(0, HALF_ZONES.indexOf(garden.garden!.half_zone) - 1)]!;
  const after = afterHardWinter(input.value, garden.almanac!.frosts);
  tellAftermath(`A winter half a zone colder (${zone})`, after, 'until some weeks after the last frost');
}
function dry() {
  const after = afterDryMonth(input.value, month.value!, garden.climate!.months[month.value!]!, null);
  tellAftermath(`${MONTH_NAMES[month.value!]} without rain or watering`, after, 'then and for some weeks after, but alive');
}

/** Every kind, by what its loss would open: those on which most hangs first. */
const weakest = computed(() =>
  kinds.value
    .map((kind) => ({ ...kind, difference: differenceOf(now.value, coverage(withoutPlant(input.value, kind.value))) }))
    .sort(
      (a, b) => b.difference.opened.length - a.difference.opened.length || b.difference.worse.length - a.difference.worse.length,
    ),
);
const commonOf = (target: string) => garden.almanac!.targets.get(target)!.target.common;
// What was asked of another garden, or before a change, is no answer any more.
watch(input, () => (answer.value = null));
</script>

<template>
  <div>
    <h1>What if</h1>
    <p v-if="kinds.length === 0 || garden.targets.length === 0" class="my-4 max-w-prose">
      Nothing is planned for anybody yet:
      <NuxtLink class="link" :to="`/gardens/${garden.id}/plan/propose`">have a plan proposed</NuxtLink>, and here you can see what
      a loss would open.
    </p>
    <template v-else>
      <p class="max-w-prose text-quiet">
        As the plan stands, grown, {{ now.closed }} of {{ garden.targets.length }} life cycles close. One press shows which would
        open.
      </p>
      <div class="mt-3 grid gap-x-6 gap-y-4 sm:grid-cols-2">
        <div class="flex items-end gap-2">
          <ChoiceField v-model="plant" class="grow" label="A plant dies out" :choices="kinds" />
          <button class="press mb-0.5" @click="dies()">It dies</button>
        </div>
        <div class="flex items-end gap-2">
          <ChoiceField v-model="site" class="grow" label="A bed falls into shade" :choices="sites" />
          <button class="press mb-0.5" @click="shaded">It loses {{ HOURS }} h of sun</button>
        </div>
        <div class="flex items-end gap-2">
          <ChoiceField v-model="month" class="grow" label="A month passes without water" :choices="months" />
          <button class="press mb-0.5" @click="dry">No rain, no hose</button>
        </div>
        <div class="flex items-end gap-2">
          <p class="grow pb-1 text-sm">The winter that kills: zone {{ garden.garden!.half_zone }} is an average.</p>
          <button class="press mb-0.5" @click="colder">Half a zone colder</button>
        </div>
      </div>
      <section class="mt-4 min-h-24 border-y border-line py-2" aria-live="polite" aria-labelledby="what-if-answer">
        <h2 id="what-if-answer">{{ answer ? answer.title : 'Nothing has happened yet' }}</h2>
        <template v-if="answer">
          <p>
            <strong>{{ answer.closed }} of {{ garden.targets.length }}</strong> life cycles would close{{
              answer.closed < now.closed ? `, ${now.closed - answer.closed} fewer` : ''
            }}. {{ answer.note }}
          </p>
          <WhatOpens :difference="answer.difference" />
        </template>
        <p v-else class="text-sm text-quiet">Choose what happens above.</p>
      </section>
      <section class="mt-5" aria-labelledby="weakest">
        <h2 id="weakest">On which plants most hangs</h2>
        <ScrollRegion label="What the loss of each plant would open">
          <table class="tabular text-sm">
            <thead>
              <tr>
                <th scope="col">If it died</th>
                <th scope="col">these would no longer close</th>
                <th scope="col" class="text-right!">needs worse met</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="row in weakest" :key="row.value">
                <th scope="row" class="font-normal">
                  <button class="link" @click="dies(row.value)">{{ row.words }}</button>
                </th>
                <td>{{ row.difference.opened.map(commonOf).join(', ') || 'none' }}</td>
                <td class="text-right">{{ row.difference.worse.length }}</td>
              </tr>
            </tbody>
          </table>
        </ScrollRegion>
      </section>
      <p class="mt-3 max-w-prose text-sm text-quiet">
        A dry month is calculated from what each soil holds and what the air of that month draws; pots are dry long before. Plants
        not yet {{ SETTINGS.whatIf.rootedYears }} years in the ground die a step sooner. Two kinds for every need is the usual
        answer to a plant on which much hangs.
      </p>
    </template>
  </div>
</template>
