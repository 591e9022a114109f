<script setup lang="ts">
import { UNITS } from '~~/core/model/units';

/** A sketch or plat laid under the drawing: chosen from a file, sized by its width, moved by its lower left corner. */
const yard = useYardStore();
const view = useViewStore();
const unit = computed(() => UNITS[view.units].distance);
const fault = ref('');
const MOST_PIXELS = 1600;

/** The picture no larger than is useful, as a JPEG. */
async function reduced(file: File): Promise<{ data: string; ratio: number }> {
  const bitmap = await createImageBitmap(file);
  const share = Math.min(1, MOST_PIXELS / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(bitmap.width * share);
  canvas.height = Math.round(bitmap.height * share);
  canvas.getContext('2d')!.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  return { data: canvas.toDataURL('image/jpeg', 0.8), ratio: bitmap.height / bitmap.width };
}
async function choose(event: Event) {
  const field = event.target as HTMLInputElement;
  const file = field.files?.[0];
  if (!file) return;
  fault.value = '';
  try {
    const { data } = await reduced(file).catch(() => {
      throw { status: 0, fields: {}, message: 'That file is no picture: choose a PNG, JPEG or WebP.', current: null };
    });
    const picture = await yard.savePicture(data);
    await yard.saveYard({ underlay: { picture, x: 0, y: 0, width_m: yard.yard.width_m, opacity: 0.5 } });
  } catch (error) {
    if (!isApiFault(error)) throw error;
    fault.value = error.message;
  } finally {
    field.value = '';
  }
}
const FIELDS = [
  ['width_m', 'Its width'],
  ['opacity', 'Strength'],
  ['x', 'From the left'],
  ['y', 'From the bottom'],
] as const;
const set = (key: (typeof FIELDS)[number][0], value: number | null) =>
  value !== null && yard.yard.underlay && yard.saveYard({ underlay: { ...yard.yard.underlay, [key]: value } });
</script>

<template>
  <div>
    <FieldRow v-slot="{ bind }" label="A sketch or plat under it" :error="fault" hint="PNG, JPEG or WebP.">
      <input v-bind="bind" class="field text-sm" type="file" accept="image/png,image/jpeg,image/webp" @change.stop="choose" />
    </FieldRow>
    <div v-if="yard.yard.underlay" class="mt-1 grid grid-cols-2 gap-2" @change.stop>
      <NumberField
        v-for="[key, label] in FIELDS"
        :key="key"
        :model-value="yard.yard.underlay[key]"
        :label="label"
        :unit="key === 'opacity' ? undefined : unit"
        :step="key === 'opacity' ? 0.1 : undefined"
        @update:model-value="set(key, $event)"
      />
      <button type="button" class="link col-span-2 text-left text-gap" @click="yard.saveYard({ underlay: null })">
        Take the picture away
      </button>
    </div>
  </div>
</template>
