<script setup lang="ts">
import { plantsHeld, potWeightKg } from '~~/core/place/containers/pots';
import { POT_KINDS, potOf, usualSize, type PotKind } from '~~/core/place/containers/kinds';
import { potLitres } from '~~/core/place/soil/volumes';
import type { BedAnswers } from '~~/core/place/yard/answers';
import type { PotFields } from '~~/core/model/garden';
import { UNITS } from '~~/core/model/units';
import { EXPOSURES, POT_MATERIALS, SUN_SAID } from '~/components/place/choices';

/** Pots as people know them, with their sun. */
export interface PotGiven {
  kind: PotKind;
  pot: PotFields;
  sun: BedAnswers['sun'];
}
const given = defineModel<PotGiven>({ required: true });
defineProps<{ errors: Record<string, string> }>();
const view = useViewStore();
const unit = computed(() => UNITS[view.units].length);
const KINDS = [
  { value: 'round', words: 'round pot' },
  { value: 'trough', words: 'trough or box' },
  { value: 'half-barrel', words: 'half-barrel' },
] as const;
/** A pot is asked in the same words, without the hours. */
const SUN = SUN_SAID.map(({ value, words }) => ({ value, words }));
const set = (over: Partial<PotFields>) => (given.value = { ...given.value, pot: { ...given.value.pot, ...over } });
function change(kind: PotKind) {
  const { exposure } = given.value.pot;
  given.value = { ...given.value, kind, pot: potOf(kind, usualSize(kind), { exposure, count: 1 }) };
}
const sizes = computed(() =>
  POT_KINDS[given.value.kind].sizes.map((size) => ({
    value: size.top_cm,
    words: `${view.about(size.top_cm)} ${given.value.kind === 'trough' ? 'long' : 'across'}`,
  })),
);
function resize(top_cm: number) {
  const size = POT_KINDS[given.value.kind].sizes.find((row) => row.top_cm === top_cm)!;
  const { count, material, exposure } = given.value.pot;
  given.value = { ...given.value, pot: potOf(given.value.kind, size, { count, material, exposure }) };
}
/** Another width: the bottom stays in the proportion of the kind. */
const measure = (size: Partial<PotFields>) => {
  const { pot, kind } = given.value;
  set({ ...size, base_cm: Math.round((Number(size.top_cm ?? pot.top_cm) || 0) * POT_KINDS[kind].taper) });
};
const sound = computed(
  () => Number(given.value.pot.top_cm) > 0 && Number(given.value.pot.depth_cm) > 0 && given.value.pot.count > 0,
);
</script>

<template>
  <div class="space-y-3">
    <PictureChoice :model-value="given.kind" label="What is it?" :choices="KINDS" @update:model-value="change">
      <template #picture="{ value }"><PotPicture :kind="value" /></template>
    </PictureChoice>
    <PictureChoice :model-value="given.pot.top_cm" label="How wide?" :choices="sizes" @update:model-value="resize" />
    <div class="flex flex-wrap items-end gap-3">
      <FieldRow v-slot="{ bind }" label="How many alike" :error="errors.count">
        <span class="flex items-center gap-1">
          <button
            type="button"
            class="press"
            :disabled="given.pot.count <= 1"
            aria-label="One fewer"
            @click="set({ count: given.pot.count - 1 })"
          >
            −
          </button>
          <input
            v-bind="bind"
            class="field w-16! text-center"
            type="number"
            min="1"
            :value="given.pot.count"
            @change="set({ count: Number(($event.target as HTMLInputElement).value) })"
          />
          <button type="button" class="press" aria-label="One more" @click="set({ count: given.pot.count + 1 })">+</button>
        </span>
      </FieldRow>
      <NumberField
        class="w-28"
        :label="given.kind === 'trough' ? 'Long' : 'Across'"
        :unit="unit"
        :model-value="given.pot.top_cm"
        :error="errors.top_cm"
        @update:model-value="measure({ top_cm: $event as number })"
      />
      <NumberField
        v-if="given.kind === 'trough'"
        class="w-28"
        label="Wide"
        :unit="unit"
        :model-value="given.pot.across_cm"
        :error="errors.across_cm"
        @update:model-value="measure({ across_cm: $event as number })"
      />
      <NumberField
        class="w-28"
        label="Deep"
        :unit="unit"
        :model-value="given.pot.depth_cm"
        :error="errors.depth_cm"
        @update:model-value="measure({ depth_cm: $event as number })"
      />
    </div>
    <PictureChoice v-model="given.sun" label="How sunny, in June?" :choices="SUN">
      <template #picture="{ value }"><SunPicture :sun="value" /></template>
    </PictureChoice>
    <div class="grid gap-3 sm:grid-cols-2">
      <ChoiceField
        :model-value="given.pot.material"
        label="Made of"
        :choices="POT_MATERIALS"
        @update:model-value="set({ material: $event as PotFields['material'] })"
      />
      <ChoiceField
        :model-value="given.pot.exposure"
        label="Wind"
        :choices="EXPOSURES"
        @update:model-value="set({ exposure: $event as PotFields['exposure'] })"
      />
    </div>
    <p v-if="sound" role="status">
      {{ given.pot.count === 1 ? 'It holds' : 'Together they hold' }} {{ view.volume(potLitres(given.pot)) }} to the brim and
      about {{ plantsHeld(given.pot) }} plants. Wet, {{ given.pot.count === 1 ? 'it weighs' : 'each weighs' }} about
      <strong>{{ view.weight(potWeightKg(given.pot)) }}</strong>.
    </p>
  </div>
</template>
