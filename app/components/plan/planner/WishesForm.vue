<script setup lang="ts">
import { PlanWishes } from '~~/core/model/wishes';
import { COLOUR_FAMILIES, type ColourFamily } from '~~/core/model/vocabulary';
import { UNITS, inUnit, toSi } from '~~/core/model/units';
import { COLOUR_MARKS, EFFORTS, KEEPS, KINDS, LAYOUTS, STRENGTHS } from './wishes-words';

/** What the gardener asks of a plan: limits first, then preferences. */
const planner = usePlannerStore();
const garden = useGardenStore();
const view = useViewStore();
const errors = ref<Record<string, string>>({});

/** Takes a value where it is sound, and says beside the field what would be right where it is not. */
function set<K extends keyof PlanWishes>(key: K, value: unknown) {
  const checked = PlanWishes.safeParse({ ...planner.wishes, [key]: value });
  if (checked.success) {
    planner.wishes = checked.data;
    const { [key]: _, ...rest } = errors.value;
    errors.value = rest;
  } else errors.value = { ...errors.value, [key]: checked.error.issues[0]!.message };
}
const budget = computed(() => (planner.wishes.budget_minor === null ? '' : planner.wishes.budget_minor / 100));
function setBudget(event: Event) {
  const text = (event.target as HTMLInputElement).value;
  set('budget_minor', text === '' ? null : Math.round(Number(text) * 100));
}
const unit = computed(() => UNITS[view.units].length);
const tallest = (site: string) => {
  const cm = planner.wishes.tallest_cm[site];
  return cm === undefined ? '' : inUnit(cm, unit.value);
};
function setTallest(site: string, event: Event) {
  const text = (event.target as HTMLInputElement).value;
  const { [site]: _, ...rest } = planner.wishes.tallest_cm;
  set('tallest_cm', text === '' ? rest : { ...rest, [site]: Math.round(toSi(Number(text), unit.value)) });
}
function setColour(colour: ColourFamily, on: boolean) {
  const rest = planner.wishes.colours.filter((row) => row !== colour);
  set('colours', on ? [...rest, colour] : rest);
}
const limited = computed(() => Object.entries(planner.wishes.most).map(([plant, most]) => ({ plant, most })));
const newPlant = ref('');
const newMost = ref(0);
const plants = computed(() => garden.plants.map((here) => here.plant).sort((a, b) => a.common.localeCompare(b.common)));
function limit() {
  const plant = plants.value.find((row) => row.common.toLowerCase() === newPlant.value.trim().toLowerCase());
  if (!plant) {
    errors.value = { ...errors.value, most: 'Choose a plant of the library by its name.' };
    return;
  }
  set('most', { ...planner.wishes.most, [plant.id]: newMost.value });
  if (!errors.value.most) newPlant.value = '';
}
function unlimit(plant: string) {
  const { [plant]: _, ...rest } = planner.wishes.most;
  set('most', rest);
}
const PREFERENCES = [
  { key: 'natives', label: 'Native plants' },
  { key: 'cheap', label: 'Little money' },
  { key: 'deer', label: 'Left by deer' },
  { key: 'water', label: 'Little watering' },
  { key: 'care', label: 'Little care' },
  { key: 'first_year', label: 'Flowers in the first year' },
  { key: 'flowers', label: 'Much in flower' },
] as const;
</script>

<template>
  <div>
    <div class="grid gap-x-5 gap-y-2 sm:grid-cols-2 lg:grid-cols-4">
      <ChoiceField
        :model-value="planner.wishes.keep"
        label="What is there"
        hint="Locked plantings stay in any case."
        word="locked"
        :choices="KEEPS"
        @update:model-value="set('keep', $event)"
      />
      <FieldRow
        v-slot="{ bind }"
        :label="`Budget for everything (${planner.money.currency})`"
        :error="errors.budget_minor"
        hint="Plants, mix, mulch, supports. Empty: no limit."
        word="budget"
      >
        <input v-bind="bind" class="field" type="number" min="0" step="any" :value="budget" @change="setBudget" />
      </FieldRow>
      <ChoiceField
        :model-value="planner.wishes.kinds"
        label="How many kinds"
        :choices="KINDS"
        @update:model-value="set('kinds', $event)"
      />
      <ChoiceField
        :model-value="planner.wishes.effort"
        label="How thoroughly to look"
        :choices="EFFORTS"
        hint="Stop whenever you like."
        @update:model-value="set('effort', $event)"
      />
    </div>
    <p class="mt-2 flex flex-wrap gap-x-5 gap-y-1">
      <RaisesSeed />
      <label class="flex min-h-[26px] items-center gap-2"
        ><input
          type="checkbox"
          :checked="planner.wishes.fuller"
          @change="set('fuller', ($event.target as HTMLInputElement).checked)"
        />
        less bare ground</label
      >
    </p>
    <BedWishes />
    <details class="mt-3">
      <summary class="font-semibold text-press">More wishes and limits</summary>
      <div class="mt-2 grid gap-x-5 gap-y-2 sm:grid-cols-3 lg:grid-cols-4">
        <ChoiceField
          v-for="{ key, label } in PREFERENCES"
          :key="key"
          :model-value="planner.wishes[key]"
          :label="label"
          :choices="STRENGTHS"
          @update:model-value="set(key, $event)"
        />
        <ChoiceField
          :model-value="planner.wishes.layout"
          label="Planted in"
          word="drift"
          :choices="LAYOUTS"
          @update:model-value="set('layout', $event)"
        />
        <label class="flex items-center gap-2 self-end pb-1"
          ><input
            type="checkbox"
            :checked="planner.wishes.features"
            @change="set('features', ($event.target as HTMLInputElement).checked)"
          />
          may add logs, mud, bare soil, fruit</label
        >
      </div>
      <fieldset class="mt-3">
        <legend class="text-sm font-semibold">Flower colours liked (none chosen: all)</legend>
        <div class="flex flex-wrap gap-x-4 gap-y-1">
          <label v-for="colour in COLOUR_FAMILIES" :key="colour" class="flex items-center gap-1.5">
            <input
              type="checkbox"
              :checked="planner.wishes.colours.includes(colour)"
              @change="setColour(colour, ($event.target as HTMLInputElement).checked)"
            />
            <svg width="14" height="14" aria-hidden="true">
              <circle cx="7" cy="7" r="6" :fill="COLOUR_MARKS[colour]" stroke="var(--quiet)" /></svg
            >{{ colour }}
          </label>
        </div>
      </fieldset>
      <fieldset class="mt-3">
        <legend class="text-sm font-semibold">Nothing taller than ({{ unit.label }})</legend>
        <div class="flex flex-wrap gap-x-5 gap-y-1">
          <label v-for="site in garden.sites" :key="site.id" class="flex items-center gap-2"
            >{{ site.name }}
            <input class="field w-20!" type="number" min="1" :value="tallest(site.id)" @change="setTallest(site.id, $event)" />
          </label>
        </div>
        <p v-if="errors.tallest_cm" class="text-sm text-gap" role="alert">{{ errors.tallest_cm }}</p>
      </fieldset>
      <fieldset class="mt-3">
        <legend class="text-sm font-semibold">Most plants of a kind</legend>
        <ul v-if="limited.length" class="mb-1 text-sm">
          <li v-for="row in limited" :key="row.plant">
            {{ row.most === 0 ? 'no' : `at most ${row.most}` }} {{ garden.nameOf(row.plant) }}
            <button class="link ml-2" @click="unlimit(row.plant)">
              Lift<span class="sr-only"> the limit on {{ garden.nameOf(row.plant) }}</span>
            </button>
          </li>
        </ul>
        <form class="flex flex-wrap items-end gap-2" @submit.prevent="limit">
          <label class="flex flex-col text-sm"
            >Plant<input v-model="newPlant" class="field w-56!" list="planner-plants" autocomplete="off"
          /></label>
          <datalist id="planner-plants"><option v-for="plant in plants" :key="plant.id" :value="plant.common" /></datalist>
          <label class="flex flex-col text-sm"
            >At most<input v-model.number="newMost" class="field w-20!" type="number" min="0" max="500"
          /></label>
          <button class="press" type="submit">Set the limit</button>
        </form>
        <p v-if="errors.most" class="text-sm text-gap" role="alert">{{ errors.most }}</p>
      </fieldset>
      <p class="mt-3 text-sm">
        <button class="press" @click="planner.wishes = planner.freshWishes()">Back to the usual wishes</button>
      </p>
    </details>
  </div>
</template>
