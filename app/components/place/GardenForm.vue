<script setup lang="ts">
import { GardenFields } from '~~/core/model/garden';
import { regionalGarden } from '~~/core/library/regional-garden';
import { frostFree } from '~~/core/climate/frost';
import { UNITS } from '~~/core/model/units';
import { jurisdictionName } from '~~/core/model/jurisdictions';
import type { FoundPlace } from './PlaceFinder.vue';
import { SCHOOL_AUTUMN, SCHOOL_PLANTS, SCHOOL_POTS, zoneChoices } from './choices';

/** The place of a garden: kept at a revision, or new (null). `start` gives what the form opens with. */
const props = defineProps<{
  start: GardenFields;
  revision: number | null;
  keep: (fields: GardenFields, revision: number | null) => Promise<void>;
}>();
const libraryStore = useLibraryStore();
const view = useViewStore();
const { draft, errors, fault, saving, save, restart } = useDraft(GardenFields, () => ({ ...props.start }));
// The revision the draft was begun at: a change made elsewhere since is a clash, not written over.
const begunAt = ref(props.revision);
const finding = ref(false);
const clash = shallowRef<(GardenFields & { revision: number }) | null>(null);
const units = computed(() => UNITS[view.units]);
const regions = computed(() => libraryStore.library?.regions ?? []);

/** A newly chosen region brings its own place, zone and frosts; name, household and schools stay. */
function changeRegion() {
  const { lat, lon, elevation_m, half_zone, last_frost, first_frost } = regionalGarden(libraryStore.library!, draft.value.region);
  Object.assign(draft.value, { lat, lon, elevation_m, half_zone, last_frost, first_frost, jurisdiction: null });
}
/** A place found by its code or on the map: its region's profile, at its own coordinates. */
function settle({ lat, lon, jurisdiction, region }: FoundPlace) {
  if (region !== draft.value.region) {
    draft.value.region = region;
    changeRegion();
  }
  Object.assign(draft.value, { lat, lon, jurisdiction });
}
const jurisdictions = computed(() => [
  { value: null, words: 'not given' },
  ...[...new Set(libraryStore.library!.areas.filter((a) => a.region === draft.value.region).map((a) => a.jurisdiction))]
    .sort()
    .map((code) => ({ value: code, words: jurisdictionName(code) })),
]);
const season = computed(() => {
  const whole = GardenFields.pick({ last_frost: true, first_frost: true }).safeParse(draft.value);
  return whole.success ? `${frostFree(whole.data).days} frost-free days` : '';
});

watch(
  () => props.revision,
  (revision, before) => {
    // A form nobody has typed in follows the record; one that somebody has keeps what was typed.
    if (revision === before || JSON.stringify(draft.value) !== opened) return;
    restart();
    follow();
  },
);
let opened = JSON.stringify(draft.value);
function follow() {
  begunAt.value = props.revision;
  opened = JSON.stringify(draft.value);
  clash.value = null;
}

async function submit() {
  const result = await save((fields) => props.keep(fields, clash.value?.revision ?? begunAt.value));
  if (typeof result === 'object' && result.status === 409) clash.value = result.current as typeof clash.value;
  else if (result === 'kept') {
    await nextTick();
    follow();
  }
}
function takeTheirs() {
  const { revision, ...fields } = clash.value!;
  draft.value = GardenFields.parse(fields);
  follow();
  begunAt.value = revision;
  fault.value = '';
}
function frost(key: 'last_frost' | 'first_frost', text: string | null) {
  draft.value[key] = text?.trim() ? text.trim() : null;
}
</script>

<template>
  <form class="space-y-3" novalidate @submit.prevent="submit">
    <FaultBanner :fault="fault" :clash="clash !== null" @theirs="takeTheirs" />
    <PlaceFinder
      v-if="revision === null || finding"
      :region="draft.region"
      :lat="Number(draft.lat)"
      :lon="Number(draft.lon)"
      @found="settle"
    />
    <button v-else type="button" class="link text-sm" @click="finding = true">Find the place by postal code or on the map</button>
    <div class="grid gap-3 sm:grid-cols-2 xl:grid-cols-3">
      <TextField v-model="draft.name" label="Name of the garden" :error="errors.name" placeholder="Mill Lane yard" />
      <ChoiceField
        v-model="draft.region"
        label="Region"
        :error="errors.region"
        :hint="regions.find((r) => r.id === draft.region)?.summary"
        :choices="regions.map((r) => ({ value: r.id, words: r.name }))"
        @update:model-value="changeRegion"
      />
      <ChoiceField
        v-model="draft.half_zone"
        label="Hardiness half-zone (coldest night)"
        :error="errors.half_zone"
        :choices="zoneChoices(view.units)"
      />
      <TextField
        :model-value="draft.last_frost"
        label="Last frost of spring (month-day)"
        :error="errors.last_frost"
        :hint="season || 'Empty where none is usual.'"
        placeholder="04-27"
        @update:model-value="frost('last_frost', $event)"
      />
      <TextField
        :model-value="draft.first_frost"
        label="First frost of autumn (month-day)"
        :error="errors.first_frost"
        hint="Averages: one year in two is earlier."
        placeholder="10-25"
        @update:model-value="frost('first_frost', $event)"
      />
      <ChoiceField
        v-model="draft.jurisdiction"
        label="State or province"
        :error="errors.jurisdiction"
        hint="For invasive and noxious listings."
        :choices="jurisdictions"
      />
      <NumberField v-model="draft.lat as number | null" label="Latitude" :error="errors.lat" />
      <NumberField
        v-model="draft.lon as number | null"
        label="Longitude"
        :error="errors.lon"
        hint="Negative west of Greenwich."
      />
      <NumberField
        v-model="draft.elevation_m as number | null"
        label="Elevation"
        :unit="units.elevation"
        :error="errors.elevation_m"
        hint="Every 122 m (400 ft) is four days of spring."
      />
    </div>
    <fieldset>
      <legend class="text-sm font-semibold">Who else is there</legend>
      <div class="flex flex-wrap gap-x-5 gap-y-1">
        <label
          v-for="[key, words] in [
            ['children', 'children'],
            ['dogs', 'dogs'],
            ['cats', 'cats'],
            ['grazing', 'grazing animals over the fence'],
          ] as const"
          :key="key"
          class="inline-flex items-center gap-1.5"
        >
          <input v-model="draft[key]" type="checkbox" class="size-4" />{{ words }}
        </label>
      </div>
      <p class="text-sm text-quiet">
        Plants gravely poisonous to any of them are refused; lesser dangers are shown where you choose.
      </p>
    </fieldset>
    <div class="grid gap-3 xl:grid-cols-3">
      <ChoiceField
        v-model="draft.school_plants"
        label="Which plants"
        :error="errors.school_plants"
        hint="By default natives first: most caterpillars eat nothing else. Invasives are refused in all three."
        :choices="SCHOOL_PLANTS"
      />
      <ChoiceField
        v-model="draft.school_autumn"
        label="In autumn"
        :error="errors.school_autumn"
        hint="By default left standing: chrysalises and stem nesters winter there."
        :choices="SCHOOL_AUTUMN"
      />
      <ChoiceField
        v-model="draft.school_pots"
        label="Pots over winter"
        :error="errors.school_pots"
        hint="How much hardier a plant in a pot must be; by default the safer."
        :choices="SCHOOL_POTS"
      />
    </div>
    <TextField v-model="draft.notes as string" label="Notes" long :error="errors.notes" />
    <button class="press press-main" :disabled="saving">{{ revision === null ? 'Make this garden' : 'Save the place' }}</button>
  </form>
</template>
