<script setup lang="ts">
import { isoOf } from '~~/core/model/days';
import { LookFields } from '~~/core/model/raise';
import type { BatchHere } from '~~/core/raise/batch-here';
import { isSeedMethod } from '~~/core/library/ways';

/** A look at a batch: the totals so far, as the last look left them. */
const props = defineProps<{ row: BatchHere }>();
const emit = defineEmits<{ close: [] }>();
const garden = useGardenStore();
const work = useWorkStore();
const commands = useCommands();
const { batch, counts, here } = props.row;
const seed = isSeedMethod(batch.method);
const form = useDraft(LookFields, () => ({ on_day: work.onDay, ...counts, note: '' }));
const { draft, errors, fault, saving } = form;
const FIELDS = [
  ['up', seed ? 'Up' : 'Rooted'],
  ['lost', 'Lost'],
  ['potted', 'Potted'],
  ['planted', 'Planted'],
  ['given', 'Given away'],
] as const;
async function submit() {
  if ((draft.value.up ?? 0) > batch.units) {
    errors.value = { up: `Only ${batch.units} were begun.` };
    return;
  }
  const begun = props.row.begun ? {} : { begun_on: draft.value.on_day as string };
  const result = await form.save(async (look) => {
    const saved = await commands.changeBatch(
      batch,
      {
        ...begun,
        ...(props.row.begun && batch.begun_on === null ? { begun_on: isoOf(props.row.begin) } : {}),
        looks: [...batch.looks, look],
      },
      `${garden.nameOf(batch.plant)}: written down.`,
    );
    if (!saved) fault.value = 'It was not saved.';
  });
  if (result === 'saved' && fault.value === '') emit('close');
}
</script>

<template>
  <form class="border border-line p-2" :aria-label="`Count ${here.plant.common}`" novalidate @submit.prevent="submit">
    <FaultBanner :fault="fault" :clash="false" />
    <p class="text-sm text-quiet">Totals so far, of {{ batch.units }}.</p>
    <div class="mt-1 flex flex-wrap gap-x-4 gap-y-2">
      <CountStepper
        v-for="[field, label] in FIELDS"
        :key="field"
        v-model="draft[field] as number | null"
        :label="label"
        :most="batch.units"
        :error="errors[field]"
      />
    </div>
    <div class="mt-2 grid gap-x-3 gap-y-2 sm:grid-cols-[10rem_minmax(0,1fr)]">
      <label class="text-sm font-semibold"
        >On
        <input
          v-model="draft.on_day"
          type="date"
          class="field font-normal"
          :max="work.onDay"
          :aria-invalid="errors.on_day ? true : undefined"
        />
        <span class="block text-gap">{{ errors.on_day }}</span></label
      >
      <TextField v-model="draft.note as string" label="Note" :error="errors.note" />
    </div>
    <p class="mt-2 flex gap-2">
      <button class="press press-main phone:min-h-[48px]" :disabled="saving">Write it down</button>
      <button type="button" class="press phone:min-h-[48px]" @click="$emit('close')">Cancel</button>
    </p>
  </form>
</template>
