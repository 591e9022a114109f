<script setup lang="ts">
import { KNOWN_AREAS, type BedAnswers } from '~~/core/place/yard/answers';
import { inUnit, toSi, UNITS } from '~~/core/model/units';
import { SUN_SAID } from '~/components/place/choices';

/** A bed in four answers. */
const answers = defineModel<BedAnswers>({ required: true });
const props = defineProps<{ error?: string }>();
const garden = useGardenStore();
const view = useViewStore();
const AREA_WORDS: Record<keyof typeof KNOWN_AREAS, string> = {
  door: 'a door laid down',
  'double-bed': 'a double bed',
  'parking-space': 'a parking space',
  'living-room': 'a living room',
  classroom: 'a classroom',
};
const areas = computed(() =>
  (Object.keys(KNOWN_AREAS) as (keyof typeof KNOWN_AREAS)[]).map((name) => ({
    value: KNOWN_AREAS[name],
    words: AREA_WORDS[name],
    more: view.area(KNOWN_AREAS[name]),
  })),
);
const soils = computed(() => [
  { value: 'usual' as const, words: 'I do not know', more: `usual here: ${garden.almanac!.region.bed_texture}` },
  { value: 'sand' as const, words: 'sand', more: 'falls apart in the hand' },
  { value: 'loam' as const, words: 'loam', more: 'holds together, then crumbles' },
  { value: 'clay' as const, words: 'clay', more: 'rolls into a worm' },
]);
const WET = [
  { value: 'dry', words: 'dry', more: 'dusty a day after rain' },
  { value: 'even', words: 'neither', more: 'moist below a dry crust' },
  { value: 'damp', words: 'damp', more: 'dark and cool in July' },
  { value: 'wet', words: 'wet', more: 'puddles stand for a day' },
] as const;
const unit = computed(() => UNITS[view.units].distance);
/** Length and depth, where it is measured with a tape. */
const sides = ref<{ long: number | ''; deep: number | '' }>({ long: '', deep: '' });
watch(
  sides,
  ({ long, deep }) => {
    if (Number(long) > 0 && Number(deep) > 0)
      answers.value = { ...answers.value, area_m2: toSi(Number(long), unit.value) * toSi(Number(deep), unit.value) };
  },
  { deep: true },
);
const measured = computed(() => !areas.value.some((row) => row.value === answers.value.area_m2));
</script>

<template>
  <div class="space-y-3">
    <div>
      <PictureChoice v-model="answers.area_m2" label="How large is it? About as" :choices="areas">
        <template #picture="{ value }"><AreaPicture :m2="value" /></template>
      </PictureChoice>
      <p class="mt-1 flex flex-wrap items-center gap-2 text-sm">
        <label class="flex items-center gap-1"
          >or by the tape: <input v-model="sides.long" class="field w-20!" type="number" min="0" step="any" /><span
            class="sr-only"
            >long, in {{ unit.label }}</span
          ></label
        >
        <label class="flex items-center gap-1"
          >by <input v-model="sides.deep" class="field w-20!" type="number" min="0" step="any" /><span class="sr-only">deep</span
          >{{ unit.label }}</label
        >
        <strong v-if="measured">{{ inUnit(answers.area_m2, UNITS[view.units].area) }} {{ UNITS[view.units].area.label }}</strong>
      </p>
      <p v-if="props.error" class="text-sm text-gap" role="alert">{{ props.error }}</p>
    </div>
    <PictureChoice v-model="answers.sun" label="How sunny, in June?" :choices="SUN_SAID">
      <template #picture="{ value }"><SunPicture :sun="value" /></template>
    </PictureChoice>
    <PictureChoice v-model="answers.soil" label="What soil?" :choices="soils" />
    <PictureChoice v-model="answers.wet" label="How wet does it stay?" :choices="WET" />
  </div>
</template>
