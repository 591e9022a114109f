<script setup lang="ts">
import { GardenFields } from '~~/core/model/garden';
import { regionalGarden } from '~~/core/library/regional-garden';
import { frostsHere } from '~~/core/place/climate/garden-climate';
import { recordsOfNew } from '~~/core/garden/from-file';
import { gardenHere } from '~~/core/garden/here';
import { placeEffect, type PlaceValue } from '~~/core/garden/place-effects';
import { placeSentences } from '~~/core/words/place';
import { freeName } from '~~/core/model/free-name';
import { UNITS } from '~~/core/model/units';
import { jurisdictionName } from '~~/core/model/jurisdictions';
import type { FoundPlace } from '~/stores/gardens';
import { INDOOR_LIGHT, schoolAutumn, SCHOOL_LAYOUT, SCHOOL_PLANTS, SCHOOL_POTS, SCHOOL_ROOTS, SCHOOL_SOWING } from './choices';

/** The place of a garden: stored at a revision, or new (null). `start` gives what the form opens with. */
const props = defineProps<{
  start: GardenFields;
  revision: number | null;
  keep: (fields: GardenFields, revision: number | null) => Promise<void>;
  /** Names of the other gardens, which a new one is told apart from. */
  taken?: readonly string[];
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
  Object.assign(draft.value, { frost_spread_d: null, summer: null, humidity: null, rain_mm: null });
}
/** Where a draft lies; its height is typed. */
const placeOf = ({ region, jurisdiction, lat, lon, elevation_m }: typeof draft.value) => ({
  region,
  jurisdiction,
  lat,
  lon,
  elevation_m: Number(elevation_m),
});
/** A place found by its code or on the map: its region's profile, its frosts brought to its own coordinates. */
function settle({ lat, lon, jurisdiction, region, name }: FoundPlace) {
  town.value = name ?? '';
  if (region !== draft.value.region) {
    draft.value.region = region;
    changeRegion();
  }
  Object.assign(draft.value, { lat, lon, jurisdiction });
  Object.assign(draft.value, frostsHere(libraryStore.library!, placeOf(draft.value), draft.value.half_zone));
}
// A new garden's frosts follow its winter, unless they were typed: from a half-zone without any there are none.
watch(
  () => draft.value.half_zone,
  (zone, before) => {
    if (props.revision !== null || !profile.value) return;
    const { last_frost, first_frost } = draft.value;
    const at = placeOf(draft.value);
    const untouched = frostsHere(libraryStore.library!, at, before);
    if (last_frost === untouched.last_frost && first_frost === untouched.first_frost)
      Object.assign(draft.value, frostsHere(libraryStore.library!, at, zone));
  },
);
const profile = computed(() => regions.value.find((row) => row.id === draft.value.region));
const rain = computed(() =>
  libraryStore
    .library!.normals.filter((row) => row.region === draft.value.region)
    .sort((x, y) => x.month - y.month)
    .map((row) => row.rain_mm),
);
/** What follows from the two answers, before anything is saved. */
const FOLLOWS: PlaceValue[] = ['region', 'half_zone', 'frosts', 'humidity', 'rain'];
const follows = computed(() => {
  const whole = GardenFields.safeParse({ ...draft.value, name: draft.value.name || 'x' });
  if (props.revision !== null || !whole.success) return [];
  const here = gardenHere(recordsOfNew(whole.data), libraryStore.library!);
  return FOLLOWS.map((value) => placeSentences(placeEffect(value, here), view.inUnits).join(' '));
});
const overruled = ref(props.revision !== null);
const CHANGES: [PlaceValue, string][] = [
  ['region', 'the region'],
  ['half_zone', 'winter cold'],
  ['frosts', 'frosts'],
  ['summer', 'summer heat'],
  ['humidity', 'summer air'],
  ['rain', 'rain'],
  ['position', 'position'],
];
const jurisdictions = computed(() => [
  { value: null, words: 'not given' },
  ...[...new Set(libraryStore.library!.areas.filter((a) => a.region === draft.value.region).map((a) => a.jurisdiction))]
    .sort()
    .map((code) => ({ value: code, words: jurisdictionName(code) })),
]);
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
  if (props.revision === null && !draft.value.name.trim()) draft.value.name = suggested.value;
  const result = await save((fields) => props.keep(fields, clash.value?.revision ?? begunAt.value));
  // What is wrong may stand in the part that is folded away.
  if (result === 'invalid' && Object.keys(errors.value).some((key) => key !== 'name')) overruled.value = true;
  if (typeof result === 'object' && result.status === 409) clash.value = result.current as typeof clash.value;
  else if (result === 'saved') {
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
const GROUNDS_OR_BALCONY = [
  { value: 'ground', words: 'ground', more: 'a yard, a plot, a border; pots too' },
  { value: 'balcony', words: 'a balcony, roof or terrace', more: 'pots only, in the wind' },
] as const;
const ground = computed<'ground' | 'balcony'>({
  get: () => (draft.value.balcony ? 'balcony' : 'ground'),
  set: (value) => (draft.value.balcony = value === 'balcony'),
});
/** Where the place was found; its name makes the garden's, until one is typed. */
const town = ref('');
const suggested = computed(() => {
  const what = draft.value.balcony ? 'Balcony' : 'Garden';
  const where = town.value || profile.value?.name;
  return freeName(where ? `${what} in ${where}` : what, props.taken ?? []);
});
// The draft as the smaller forms take it: the same object, so that what is typed there is typed here.
const place = computed(() => draft.value as GardenFields);
</script>

<template>
  <form class="space-y-3" novalidate @submit.prevent="submit">
    <FaultBanner :fault="fault" :clash="clash !== null" @theirs="takeTheirs" />
    <template v-if="revision === null">
      <h2>1. Where is it?</h2>
      <PlaceFinder first :region="draft.region" :lat="Number(draft.lat)" :lon="Number(draft.lon)" @found="settle" />
      <h2>2. How cold does it get?</h2>
      <ColdestNight v-model="draft.half_zone" :error="errors.half_zone" />
      <h2>3. What is it, and who else is there?</h2>
      <PictureChoice v-model="ground" label="To be planted is" :choices="GROUNDS_OR_BALCONY" />
      <HouseholdFields v-model="place" />
      <section aria-labelledby="follows" class="border-l-4 border-press bg-raised p-3">
        <h2 id="follows">What follows</h2>
        <p v-for="line in follows" :key="line" class="mt-1 max-w-prose">{{ line }}</p>
        <p v-if="follows.length === 0" class="text-quiet">
          Something below is not a value yet; put it right and this is calculated again.
        </p>
      </section>
      <WordsHere :words="['half-zone', 'region', 'frost-free', 'host', 'native']" />
      <TextField v-model="draft.name" class="max-w-md" label="Name of the garden" :error="errors.name" :placeholder="suggested" />
    </template>
    <template v-else>
      <PlaceFinder v-if="finding" :region="draft.region" :lat="Number(draft.lat)" :lon="Number(draft.lon)" @found="settle" />
      <button v-else type="button" class="link text-sm" @click="finding = true">
        Find the place by postal code or on the map
      </button>
    </template>
    <button v-if="!overruled" type="button" class="press" @click="overruled = true">Overrule any of it</button>
    <template v-if="overruled">
      <div class="grid gap-3 sm:grid-cols-2 xl:grid-cols-3">
        <TextField
          v-if="revision !== null"
          v-model="draft.name"
          label="Name of the garden"
          :error="errors.name"
          placeholder="Mill Lane yard"
        />
        <ChoiceField
          v-model="draft.region"
          label="Region"
          :error="errors.region"
          :hint="profile?.summary"
          :choices="regions.map((r) => ({ value: r.id, words: r.name }))"
          @update:model-value="changeRegion"
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
          :hint="`Every ${view.distance(122)} is four days of spring.`"
        />
      </div>
      <ColdestNight v-if="revision !== null" v-model="draft.half_zone" :error="errors.half_zone" />
      <ClimateFields v-model="place" :region="profile" :errors="errors" :rain="rain" />
      <p v-if="revision !== null" class="flex flex-wrap gap-x-4 gap-y-2 text-sm">
        <span class="text-quiet">What it changes:</span>
        <button
          v-for="[value, words] in CHANGES"
          :key="value"
          type="button"
          class="link"
          @click="view.explain({ kind: 'place', value })"
        >
          {{ words }}
        </button>
      </p>
      <template v-if="revision !== null">
        <PictureChoice v-model="ground" label="To be planted is" :choices="GROUNDS_OR_BALCONY" />
        <HouseholdFields v-model="place" />
      </template>
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
          :choices="schoolAutumn(view.inUnits)"
        />
        <ChoiceField
          v-model="draft.school_pots"
          label="Pots over winter"
          :error="errors.school_pots"
          hint="How much hardier a plant in a pot must be; by default the safer."
          :choices="SCHOOL_POTS"
        />
        <ChoiceField
          v-model="draft.school_layout as string"
          label="Kinds in a bed"
          word="drift"
          :error="errors.school_layout"
          hint="Drifts are found by what lays and drinks; scattered, gaps close by themselves. A bed can differ, under Beds."
          :choices="SCHOOL_LAYOUT"
        />
        <ChoiceField
          v-model="draft.school_sowing as string"
          label="Sowing natives"
          word="winter container"
          :error="errors.school_sowing"
          hint="Winter containers: the winter chills them, safe from birds. In place: no work, but seedlings look like weeds in April: labels. Chilled: in the refrigerator, for where winters are mild."
          :choices="SCHOOL_SOWING"
        />
        <ChoiceField
          v-model="draft.indoor_light as string"
          label="Light for seedlings indoors"
          :error="errors.indoor_light"
          hint="On a sill they grow lank; under a lamp not."
          :choices="INDOOR_LIGHT"
        />
        <ChoiceField
          v-model="draft.school_roots as string"
          label="Roots at planting"
          :error="errors.school_roots"
          hint="Teased by default: roots that circle go on circling. What has a taproot is left alone in any case."
          :choices="SCHOOL_ROOTS"
        />
      </div>
      <TextField v-model="draft.notes as string" label="Notes" long :error="errors.notes" />
    </template>
    <div>
      <button class="press press-main" :disabled="saving">{{ revision === null ? 'Make this garden' : 'Save the place' }}</button>
    </div>
  </form>
</template>
