<script setup lang="ts">
import { PLANTING_STATES } from '~~/core/model/vocabulary';
import type { Planting, Site } from '~~/core/model/garden';
import { LIVE_STATES } from '~~/core/model/states';
import { bloomParts, plantingShares } from '~~/core/almanac/bloom/planting-bloom';
import type { PlantHere } from '~~/core/model/here';
import { spellsWords } from '~/components/season/calendar-bars';
import { warningsFor } from '~~/core/match/gates/gates';
import { groundM2 } from '~~/core/match/quantities';
import { listed } from '~~/core/words/lists';
import { gateSentence } from '~~/core/words/gates';

const props = defineProps<{ site: Site }>();
const garden = useGardenStore();
const commands = useCommands();
const view = useViewStore();
const rows = computed(() =>
  garden.plantings
    .filter((row) => row.site_id === props.site.id)
    .map((planting) => ({ planting, here: garden.almanac!.plants.get(planting.plant) }))
    .filter((row) => row.here)
    .map((row) => {
      const here = row.here!;
      const bloom = plantingShares(here, row.planting, garden.almanac!.frosts).amount;
      return { ...row, here, bloom, words: flowering(here, row.planting) };
    })
    .sort((a, b) => (a.here.bloom?.from ?? 999) - (b.here.bloom?.from ?? 999)),
);
const flowering = (here: PlantHere, planting: Planting) => spellsWords(bloomParts(here, planting, garden.almanac!.frosts));
const column = computed(() => garden.sites.findIndex((row) => row.id === props.site.id));
const use = computed(() => garden.areas.get(props.site.id)!);
const share = computed(() => Math.min(1, use.value.used_m2 / use.value.area_m2));
const faultOf = (id: string) => garden.served?.faults.find((fault) => fault.planting === id);
const FAULTS = {
  unsuitable: 'does not fit here: it counts for nothing',
  refused: 'may not be grown here',
  trap: 'a trap: caterpillars die on it',
};
const printing = usePrinting();
const fewNamed = (names: string[]) => (names.length > 3 ? `${names.length} of the creatures` : listed(names));
/** What a plant is there for, as it stands on paper: whose host it is, and for how many it has nectar. */
function purposeWords(plant: string) {
  const row = garden.services.find((service) => service.here.plant.id === plant);
  const hosts = row?.hostOf.filter((host) => host.rank !== 'trap').map((host) => host.common) ?? [];
  const nectar = row?.nectarFor.length ? `nectar for ${fewNamed(row.nectarFor.map((guest) => guest.common))}` : '';
  const parts = [hosts.length ? `host of ${fewNamed(hosts)}` : '', nectar].filter(Boolean);
  return parts.length ? `; ${parts.join('; ')}` : '';
}
const planner = usePlannerStore();
const thisYear = view.today.getFullYear();
/** Plantings ticked, to be moved or removed together; and the one for which replacements are shown. */
const ticked = ref<Set<string>>(new Set());
const chosen = computed(() => rows.value.map((row) => row.planting).filter((row) => ticked.value.has(row.id)));
function tick(id: string, on: boolean) {
  const next = new Set(ticked.value);
  if (on) next.add(id);
  else next.delete(id);
  ticked.value = next;
}
async function moveTo(site: string | null) {
  if (await commands.changeSeveral(chosen.value, site)) ticked.value = new Set();
}
const replacing = ref('');
const others = computed(() => garden.sites.filter((site) => site.id !== props.site.id));

function setCount(row: Planting, event: Event) {
  const field = event.target as HTMLInputElement;
  const count = Number(field.value);
  if (Number.isInteger(count) && count >= 1 && count <= 5000) void commands.savePlanting(row, { count });
  else field.value = String(row.count);
}
function setState(row: Planting, state: Planting['state']) {
  const planted = state === 'in-ground' || state === 'sown';
  const gone = state === 'lost' || state === 'removed';
  void commands.savePlanting(row, {
    state,
    planted_year: planted ? (row.planted_year ?? thisYear) : row.planted_year,
    lost_year: gone ? (row.lost_year ?? thisYear) : null,
  });
}
function setYear(row: Planting, which: 'planted_year' | 'lost_year', event: Event) {
  const text = (event.target as HTMLInputElement).value;
  void commands.savePlanting(row, { [which]: text === '' ? null : Number(text) });
}
</script>

<template>
  <section class="mt-5" :aria-labelledby="`plan-${site.id}`">
    <div class="flex flex-wrap items-center gap-x-4 gap-y-1">
      <h2 :id="`plan-${site.id}`">{{ site.name }}</h2>
      <svg class="h-3 w-40" viewBox="0 0 160 12" preserveAspectRatio="none" aria-hidden="true">
        <rect width="160" height="12" fill="var(--bank)" />
        <rect :width="160 * share" height="12" :fill="use.left_m2 < 0 ? 'var(--gap)' : 'var(--host)'" />
      </svg>
      <p class="text-sm">
        {{ view.area(use.used_m2) }} of {{ view.area(use.area_m2) }} used,
        <strong :class="use.left_m2 < 0 ? 'text-gap' : ''">{{
          use.left_m2 < 0 ? `${view.area(-use.left_m2)} too much` : `${view.area(use.left_m2)} left`
        }}</strong>
      </p>
    </div>
    <p v-if="rows.length === 0" class="text-quiet">
      Nothing planned here. <NuxtLink class="link" :to="`/gardens/${garden.id}/match`">See what fits it</NuxtLink>.
    </p>
    <p v-if="chosen.length" class="no-print flex flex-wrap items-center gap-x-4 gap-y-1 text-sm" role="status">
      {{ chosen.length }} chosen:
      <label v-if="others.length"
        >move to
        <select class="field w-auto!" @change="moveTo(($event.target as HTMLSelectElement).value)">
          <option value="" disabled selected>…</option>
          <option v-for="row in others" :key="row.id" :value="row.id">{{ row.name }}</option>
        </select></label
      >
      <button class="link text-gap" @click="moveTo(null)">Remove them</button>
    </p>
    <ScrollRegion v-if="rows.length" :label="`Plantings in ${site.name}`">
      <table class="tabular text-sm">
        <thead>
          <tr>
            <th scope="col" class="no-print"><span class="sr-only">Choose</span></th>
            <th scope="col">Plant</th>
            <th scope="col">Count</th>
            <th scope="col" class="text-right!">Ground</th>
            <th scope="col">Flowers</th>
            <th scope="col">Fit</th>
            <th scope="col">State</th>
            <th scope="col">Since</th>
            <th scope="col" class="no-print">Locked</th>
            <th scope="col" class="no-print"><span class="sr-only">Remove</span></th>
          </tr>
        </thead>
        <tbody>
          <template v-for="{ planting, here, bloom, words } in rows" :key="planting.id">
            <tr
              :class="[
                LIVE_STATES.has(planting.state) ? '' : 'text-quiet line-through',
                bloom[view.halfMonth]! > 0.3 ? 'bg-raised' : '',
              ]"
            >
              <td class="lead no-print">
                <label class="tick"
                  ><input
                    class="size-6"
                    type="checkbox"
                    :checked="ticked.has(planting.id)"
                    :aria-label="`Choose ${here.plant.common}`"
                    @change="tick(planting.id, ($event.target as HTMLInputElement).checked)"
                /></label>
              </td>
              <th scope="row" class="font-normal">
                <button class="flex items-center gap-2 text-left" @click="view.explain({ kind: 'plant', plant: planting.plant })">
                  <PlantGlyph :plant="here.plant" :size="26" /><span
                    class="creature underline decoration-line underline-offset-2"
                    >{{ here.plant.common }}</span
                  >
                </button>
                <span v-if="printing" class="block"
                  ><em class="scientific">{{ here.plant.scientific }}</em
                  >{{ purposeWords(planting.plant) }}</span
                >
                <span v-if="faultOf(planting.id)" class="block text-xs font-semibold text-gap">{{
                  FAULTS[faultOf(planting.id)!.kind]
                }}</span>
                <strong v-if="planner.added.has(planting.id)" class="block text-xs text-press">new in the plan</strong>
                <span
                  v-for="gate in warningsFor(here, garden.garden!)"
                  :key="gateSentence(gate)"
                  class="block max-w-xs text-xs text-gap"
                  >{{ gateSentence(gate) }}</span
                >
              </th>
              <td>
                <strong v-if="printing">{{ planting.count }}</strong>
                <input
                  v-else
                  class="field w-16!"
                  type="number"
                  min="1"
                  max="5000"
                  :value="planting.count"
                  :aria-label="`Count of ${here.plant.common}`"
                  @change="setCount(planting, $event)"
                />
              </td>
              <td class="text-right whitespace-nowrap">
                {{ view.area(groundM2(here.plant, planting.count, site)) }}
              </td>
              <td>
                <YearStrip :shares="bloom" :colour="here.plant.colour_hex" :label="words" />
              </td>
              <td>
                <button @click="view.explain({ kind: 'fit', plant: planting.plant, site: site.id })">
                  <FitMark :verdict="garden.fits.get(planting.plant)![column]!.verdict" />
                </button>
              </td>
              <td>
                <template v-if="printing">{{ planting.state.replace('-', ' ') }}</template>
                <select
                  v-else
                  class="field w-auto!"
                  :value="planting.state"
                  :aria-label="`State of ${here.plant.common}`"
                  @change="setState(planting, ($event.target as HTMLSelectElement).value as Planting['state'])"
                >
                  <option v-for="state in PLANTING_STATES" :key="state" :value="state">{{ state.replace('-', ' ') }}</option>
                </select>
              </td>
              <td v-if="printing">
                {{ [planting.planted_year, planting.lost_year].filter((year) => year !== null).join(' to ') }}
              </td>
              <td v-else>
                <input
                  class="field w-20!"
                  type="number"
                  min="1950"
                  max="2100"
                  :value="planting.planted_year"
                  :aria-label="`Year ${here.plant.common} was planted`"
                  @change="setYear(planting, 'planted_year', $event)"
                />
                <label v-if="!LIVE_STATES.has(planting.state)" class="block text-xs no-underline"
                  >to
                  <input
                    class="field w-16!"
                    type="number"
                    min="1950"
                    max="2100"
                    :value="planting.lost_year"
                    :aria-label="`Year ${here.plant.common} was lost or removed`"
                    @change="setYear(planting, 'lost_year', $event)"
                /></label>
              </td>
              <td class="no-print text-center">
                <label class="tick"
                  ><input
                    type="checkbox"
                    :checked="planting.locked"
                    :aria-label="`Lock ${here.plant.common}: proposals leave it as it is`"
                    @change="commands.savePlanting(planting, { locked: ($event.target as HTMLInputElement).checked })"
                /></label>
              </td>
              <td class="act no-print whitespace-nowrap">
                <button class="link mr-3 min-h-[26px] text-gap" @click="commands.removePlanting(planting)">
                  Remove<span class="sr-only"> {{ here.plant.common }}</span>
                </button>
                <button
                  class="link min-h-[26px]"
                  :aria-expanded="replacing === planting.id"
                  @click="replacing = replacing === planting.id ? '' : planting.id"
                >
                  Replace<span class="sr-only"> {{ here.plant.common }}</span>
                </button>
              </td>
            </tr>
            <tr v-if="replacing === planting.id">
              <td colspan="10"><ReplaceBy :planting="planting" @done="replacing = ''" /></td>
            </tr>
          </template>
        </tbody>
      </table>
    </ScrollRegion>
  </section>
</template>
