<script setup lang="ts">
import { PLANTING_STATES } from '~~/core/model/vocabulary';
import type { Planting, Site } from '~~/core/model/garden';
import { LIVE_STATES } from '~~/core/model/states';
import { bloomParts, plantingShares } from '~~/core/almanac/bloom/planting-bloom';
import type { Fault } from '~~/core/coverage/types';
import type { PlantHere } from '~~/core/model/here';
import { spellsWords } from '~/components/season/calendar-bars';
import { warningsFor } from '~~/core/match/gates/gates';
import { groundM2 } from '~~/core/match/quantities';
import { listed } from '~~/core/words/lists';
import { gateSentence } from '~~/core/words/gates';

/** One planting of a bed: made again only where it is another, so that a press in a long plan is answered at once. */
const props = defineProps<{
  planting: Planting;
  here: PlantHere;
  site: Site;
  fault: Fault['kind'] | null;
  ticked: boolean;
  replacing: boolean;
}>();
defineEmits<{ tick: [on: boolean]; replace: [] }>();
const garden = useGardenStore();
const commands = useCommands();
const planner = usePlannerStore();
const view = useViewStore();
const bloom = computed(() => plantingShares(props.here, props.planting, garden.almanac!.frosts).amount);
const words = computed(() => spellsWords(bloomParts(props.here, props.planting, garden.almanac!.frosts)));
const verdict = computed(
  () => garden.fits.get(props.planting.plant)![garden.sites.findIndex((row) => row.id === props.site.id)]!.verdict,
);
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
const thisYear = view.today.getFullYear();

function setCount(event: Event) {
  const field = event.target as HTMLInputElement;
  const count = Number(field.value);
  if (Number.isInteger(count) && count >= 1 && count <= 5000) void commands.savePlanting(props.planting, { count });
  else field.value = String(props.planting.count);
}
function setState(state: Planting['state']) {
  const { planted_year, lost_year } = props.planting;
  const planted = state === 'in-ground' || state === 'sown';
  const gone = state === 'lost' || state === 'removed';
  void commands.savePlanting(props.planting, {
    state,
    planted_year: planted ? (planted_year ?? thisYear) : planted_year,
    lost_year: gone ? (lost_year ?? thisYear) : null,
  });
}
function setYear(which: 'planted_year' | 'lost_year', event: Event) {
  const text = (event.target as HTMLInputElement).value;
  void commands.savePlanting(props.planting, { [which]: text === '' ? null : Number(text) });
}
</script>

<template>
  <tr
    :class="[LIVE_STATES.has(planting.state) ? '' : 'text-quiet line-through', bloom[view.halfMonth]! > 0.3 ? 'bg-raised' : '']"
  >
    <td class="lead no-print">
      <label class="tick"
        ><input
          class="size-6"
          type="checkbox"
          :checked="ticked"
          :aria-label="`Choose ${here.plant.common}`"
          @change="$emit('tick', ($event.target as HTMLInputElement).checked)"
      /></label>
    </td>
    <th scope="row" class="font-normal">
      <button class="flex items-center gap-2 text-left" @click="view.explain({ kind: 'plant', plant: planting.plant })">
        <PlantGlyph :plant="here.plant" :size="26" /><span class="creature underline decoration-line underline-offset-2">{{
          here.plant.common
        }}</span>
      </button>
      <span v-if="printing" class="block"
        ><em class="scientific">{{ here.plant.scientific }}</em
        >{{ purposeWords(planting.plant) }}</span
      >
      <span v-if="fault" class="block text-xs font-semibold text-gap">{{ FAULTS[fault] }}</span>
      <strong v-if="planner.added.has(planting.id)" class="block text-xs text-press">new in the plan</strong>
      <span v-for="gate in warningsFor(here, garden.garden!)" :key="gateSentence(gate)" class="block max-w-xs text-xs text-gap">{{
        gateSentence(gate)
      }}</span>
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
        @change="setCount"
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
        <FitMark :verdict="verdict" />
      </button>
    </td>
    <td>
      <template v-if="printing">{{ planting.state.replace('-', ' ') }}</template>
      <select
        v-else
        class="field w-auto!"
        :value="planting.state"
        :aria-label="`State of ${here.plant.common}`"
        @change="setState(($event.target as HTMLSelectElement).value as Planting['state'])"
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
        @change="setYear('planted_year', $event)"
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
          @change="setYear('lost_year', $event)"
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
      <button class="link min-h-[26px]" :aria-expanded="replacing" @click="$emit('replace')">
        Replace<span class="sr-only"> {{ here.plant.common }}</span>
      </button>
    </td>
  </tr>
</template>
