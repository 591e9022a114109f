<script setup lang="ts">
import { ThingFields, type Point, type Thing } from '~~/core/model/yard';
import { UNITS } from '~~/core/model/units';
import { DRAWN_AS, THING_NAMES } from '~~/core/place/yard/fresh';
import { areaOf, lengthOf, perimeterOf } from '~~/core/place/yard/geometry';
import { TRAITS } from './thing-traits';

/** One thing of the yard: its name, where it is and what of it a calculation needs. */
const props = defineProps<{ thing: string }>();
const garden = useGardenStore();
const kept = computed(() => garden.things.find((row) => row.id === props.thing));
const yard = useYardStore();
const view = useViewStore();
const units = computed(() => UNITS[view.units]);
const start = (): ThingFields => {
  const { id: _id, revision: _revision, ...fields } = JSON.parse(JSON.stringify(kept.value)) as Thing;
  return fields;
};
const { draft, errors, save, follow } = useDraft(ThingFields, start);
watch(kept, () => kept.value && follow());
const traits = computed(() => draft.value.traits as unknown as Record<string, string | number | boolean | null>);
const fields = computed(() => TRAITS[draft.value.kind].filter(({ only }) => !only || traits.value[only[0]] === only[1]));
const error = (key: string) => errors.value[`traits.${key}`];
const species = computed(() => [
  { value: null, words: 'not known' },
  ...(garden.library?.plants ?? [])
    .filter((plant) => (draft.value.kind === 'invader' ? true : plant.kind === 'tree' || plant.kind === 'shrub'))
    .map((plant) => ({ value: plant.id, words: plant.common }))
    .sort((a, b) => a.words.localeCompare(b.words)),
]);
const measures = computed(() => {
  const points = (kept.value?.points ?? []) as Point[];
  if (DRAWN_AS[draft.value.kind] === 'area' && points.length >= 3) return view.round(areaOf(points), perimeterOf(points));
  return points.length >= 2 ? `${view.distance(lengthOf(points))} long` : '';
});

async function keep() {
  await save(async (fields) => {
    if (JSON.stringify(fields) !== JSON.stringify(start())) await yard.changeThing(props.thing, fields);
  });
}
function moveCorners(points: Point[]) {
  draft.value.points = points as never;
  void keep();
}
async function remove() {
  if (await yard.removeThing(kept.value!)) view.subject = null;
}
/** A species chosen from the library brings its leaves, height and spread. */
function takeSpecies(plant: string | null) {
  const row = garden.library?.plants.find((one) => one.id === plant);
  const crown = draft.value.traits as { plant: string | null; grown_m?: number; height_m?: number };
  crown.plant = plant;
  if (row && crown.grown_m !== undefined) crown.grown_m = Math.max(crown.height_m ?? 0, row.height_max_cm / 100);
  if (row && (!draft.value.name || ['Tree', 'Shrub', 'To clear'].includes(draft.value.name))) draft.value.name = row.common;
  void keep();
}
</script>

<template>
  <form v-if="kept" class="space-y-2" novalidate @submit.prevent="keep" @change="keep">
    <h3 class="mt-1 text-xl">{{ THING_NAMES[draft.kind] }}</h3>
    <TextField v-model="draft.name" label="Name" :error="errors.name" @change.stop="keep" />
    <p v-if="measures" class="text-sm text-quiet">{{ measures }}</p>
    <div class="grid grid-cols-2 gap-2">
      <template v-for="field in fields" :key="field.key">
        <ChoiceField
          v-if="field.as === 'species'"
          class="col-span-2"
          :model-value="traits.plant as never"
          label="Species"
          :choices="species"
          @update:model-value="takeSpecies($event as string | null)"
          @change.stop
        />
        <ChoiceField
          v-else-if="field.as === 'choice'"
          v-model="traits[field.key] as never"
          :label="field.label"
          :choices="field.choices!"
          :error="error(field.key)"
        />
        <label v-else-if="field.as === 'yes'" class="mt-5 inline-flex items-center gap-1.5"
          ><input v-model="traits[field.key]" type="checkbox" class="size-4" />{{ field.label }}</label
        >
        <NumberField
          v-else
          v-model="traits[field.key] as number | null"
          :label="field.label"
          :unit="field.as === 'metres' ? units.distance : undefined"
          :step="field.step"
          :hint="field.hint"
          :error="error(field.key)"
        />
      </template>
    </div>
    <CornersField :points="kept.points as Point[]" :error="errors.points" @moved="moveCorners" />
    <button type="button" class="link text-gap" @click="remove">Remove {{ kept.name }}</button>
  </form>
</template>
