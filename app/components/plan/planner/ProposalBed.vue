<script setup lang="ts">
import type { Site } from '~~/core/model/garden';
import { LIVE_STATES, PLANNED } from '~~/core/model/states';
import { halfMonthsInWords } from '~~/core/model/half-month';
import type { Judged } from '~~/core/plan/planner/proposal';
import type { Purpose } from '~~/core/plan/purpose';
import { isKept } from '~~/core/plan/planner/question';
import { fit } from '~~/core/match/fit/fit';
import { warningsFor } from '~~/core/match/gates/gates';
import { climbs, drawbacksOf, isHostHere, supportsFor } from '~~/core/match/craft/kinds';
import { treeInTenYears } from '~~/core/match/craft/trees';
import { gateSentence } from '~~/core/words/gates';
import { drawbackSentence, TRADE_WORDS, treeSentence } from '~~/core/words/craft';
import { groundM2 } from '~~/core/match/quantities';
import { FEATURE_WORDS } from '../../place/choices';

/** What a proposal adds to one site, what each plant is there for, and what opens without it. */
const props = defineProps<{ site: Site; judged: Judged }>();
const garden = useGardenStore();
const planner = usePlannerStore();
const view = useViewStore();
const rows = computed(() =>
  props.judged.proposed.plants
    .filter((row) => row.site_id === props.site.id)
    .map((row) => ({
      ...row,
      here: garden.almanac!.plants.get(row.plant)!,
      purpose: planner.purposes.get(`proposed ${row.plant} ${row.site_id}`),
    }))
    .sort((a, b) => (a.here.bloom?.from ?? 999) - (b.here.bloom?.from ?? 999)),
);
/** What is to be said beside a plant that is proposed: what speaks against it, whom it can hurt, what it wants, how large it grows. */
function notesOf({ plant, count, here }: (typeof rows.value)[number]): string[] {
  const drawbacks = drawbacksOf(here, props.site, planner.money.raises, isHostHere(planner.question!, plant));
  const notes = warningsFor(here, garden.garden!).map(gateSentence);
  // The next best is found by trying many: not for each plan that a search shows on its way.
  if (drawbacks.length > 0 && !planner.searching) {
    const planting = {
      ...PLANNED,
      id: `proposed ${plant} ${props.site.id}`,
      revision: 0,
      plan_id: '',
      plant,
      site_id: props.site.id,
      count,
    };
    const next = planner.replacements(planting, props.judged).find((row) => row.drawbacks.length === 0);
    notes.push(drawbackSentence(here.plant.common, drawbacks, next?.here.plant.common ?? null));
  }
  if (climbs(here.plant)) {
    const supports = supportsFor(here.plant, count);
    notes.push(
      `It climbs: ${supports === 1 ? 'a trellis or wigwam of canes' : `${supports} trellises or wigwams`} with it, on the list.`,
    );
  }
  if (here.plant.kind === 'tree') notes.push(treeSentence(here, treeInTenYears(here.plant), view.inUnits));
  return notes;
}
const notes = computed(() => new Map(rows.value.map((row) => [row.plant, notesOf(row)])));
const features = computed(() => props.judged.proposed.features.filter((row) => row.site_id === props.site.id));
const here = computed(() => garden.plantings.filter((row) => row.site_id === props.site.id && LIVE_STATES.has(row.state)));
const kept = computed(() => here.value.filter((row) => isKept(row, planner.wishes)));
const going = computed(() => here.value.filter((row) => !isKept(row, planner.wishes)));
const used = computed(() =>
  [...kept.value, ...rows.value].reduce((sum, row) => {
    const plant = garden.almanac!.plants.get(row.plant)?.plant;
    return plant ? sum + groundM2(plant, row.count, props.site) : sum;
  }, 0),
);
const useWords = computed(() => {
  const parts = [`${view.area(used.value)} of ${view.area(props.site.area_m2)} used`];
  if (kept.value.length) parts.push(`${kept.value.length} ${kept.value.length === 1 ? 'planting stays' : 'plantings stay'}`);
  if (going.value.length) parts.push(`${going.value.length} would go`);
  return parts.join(', ');
});
const nameOf = (target: string) => garden.almanac!.targets.get(target)?.target.common ?? target;
const STAGES = { host: 'feeds the caterpillars of', nectar: 'nectar for', shelter: 'shelters', special: 'serves' };
function servesWords(purpose: Purpose) {
  const parts = (['host', 'nectar', 'shelter', 'special'] as const).flatMap((stage) => {
    const targets = [...new Set(purpose.serves.filter((row) => row.stage === stage).map((row) => nameOf(row.target)))];
    if (targets.length === 0) return [];
    return [`${STAGES[stage]} ${targets.length > 3 ? `${targets.length} kinds` : targets.join(', ')}`];
  });
  return parts.join('; ') || 'adds to the rest';
}
function withoutWords({ without }: Purpose) {
  if (without.worse.length === 0)
    return props.site.kind === 'container' ? 'It fills the pot and flowers on.' : 'It flowers when nothing else here does.';
  const needs = without.worse
    .slice(0, 3)
    .map((row) => `${nameOf(row.target)}, ${row.need.special ?? row.need.stage} ${halfMonthsInWords(row.gaps)}`);
  const more = without.worse.length > 3 ? ` and ${without.worse.length - 3} more` : '';
  return `Without it ${without.worse.length === 1 ? 'this opens' : 'these open'}: ${needs.join('; ')}${more}.`;
}
const emit = defineEmits<{ taken: [] }>();
async function take(label: string, part: { site: string } | { plant: string; site: string }) {
  if (await planner.take(props.judged.proposed, label, part)) emit('taken');
}
</script>

<template>
  <section class="mt-4" :aria-labelledby="`proposal-${site.id}`">
    <div class="flex flex-wrap items-center gap-x-4">
      <h3 :id="`proposal-${site.id}`">{{ site.name }}</h3>
      <p class="text-sm">
        {{ useWords }}
      </p>
      <button
        v-if="rows.length + features.length + going.length > 0"
        class="link text-sm"
        @click="take(`Take the proposal for ${site.name}`, { site: site.id })"
      >
        Take this bed only<span class="sr-only">: {{ site.name }}</span>
      </button>
    </div>
    <p v-if="rows.length === 0 && features.length === 0" class="text-sm text-quiet">Nothing to add here.</p>
    <ScrollRegion v-if="rows.length" :label="`Proposed in ${site.name}`">
      <table class="tabular text-sm">
        <thead>
          <tr>
            <th scope="col" class="text-right!">Add</th>
            <th scope="col">Plant</th>
            <th scope="col">Flowers</th>
            <th scope="col">What it is there for</th>
            <th scope="col"><span class="sr-only">Take</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.plant">
            <td class="lead text-right font-semibold">{{ row.count }}</td>
            <th scope="row" class="font-normal">
              <button class="flex items-center gap-2 text-left" @click="view.explain({ kind: 'plant', plant: row.plant })">
                <PlantGlyph :plant="row.here.plant" :size="26" /><span
                  class="creature underline decoration-line underline-offset-2"
                  >{{ row.here.plant.common }}</span
                >
              </button>
              <span class="block text-xs text-quiet"
                ><FitMark :verdict="fit(row.here.plant, site, garden.almanac!.place).verdict" />{{
                  row.here.status.native ? '' : ', not native here'
                }}, {{ TRADE_WORDS[row.here.trade] }}</span
              >
            </th>
            <td>
              <YearStrip
                :shares="row.here.bloomShares"
                :colour="row.here.plant.colour_hex"
                :label="row.here.bloom ? 'in flower' : 'no flowers'"
              />
            </td>
            <td class="max-w-md">
              <template v-if="row.purpose"
                >{{ servesWords(row.purpose) }}. <span class="block text-quiet">{{ withoutWords(row.purpose) }}</span></template
              >
              <span v-for="note in notes.get(row.plant)" :key="note" class="mt-0.5 block border-l-4 border-thin pl-2">{{
                note
              }}</span>
            </td>
            <td class="act">
              <button
                class="link"
                @click="take(`Take ${row.count} ${row.here.plant.common}`, { site: site.id, plant: row.plant })"
              >
                Take<span class="sr-only"> {{ row.here.plant.common }}</span>
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </ScrollRegion>
    <p v-for="row in features" :key="row.feature" class="text-sm">And make a {{ FEATURE_WORDS[row.feature] }}.</p>
    <p v-if="going.length" class="text-sm text-quiet">
      Would go: {{ going.map((row) => `${row.count} ${garden.nameOf(row.plant)}`).join(', ') }}.
    </p>
  </section>
</template>
