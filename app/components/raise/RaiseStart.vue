<script setup lang="ts">
import { BatchFields } from '~~/core/model/raise';
import { isoOf, type DayNumber } from '~~/core/model/days';
import type { PlantHere } from '~~/core/model/here';
import type { RaiseMethod } from '~~/core/model/vocabulary';
import type { WayHere } from '~~/core/raise/ways-here';
import { unitName } from '~~/core/words/raise';
import { sentence } from '~~/core/words/lists';

/** A batch begun, or planned for its best day: how many, from where, in what. */
const props = defineProps<{ way: WayHere; here: PlantHere; want: number; on?: DayNumber }>();
const emit = defineEmits<{ close: [] }>();
const work = useWorkStore();
const commands = useCommands();
const { quantity, start } = props.way;
const form = useDraft(BatchFields, () => ({
  plant: props.here.plant.id,
  method: props.way.method as RaiseMethod,
  source: '',
  planned_on: isoOf(props.on ?? start?.best ?? work.today),
  begun_on: null,
  units: quantity?.units ?? props.want,
  containers: quantity?.containers?.count ?? 0,
  place: '',
  wanted: props.want,
  looks: [],
  ended: false,
  note: '',
}));
const { draft, errors, fault, saving } = form;
const begun = ref(false);
async function submit() {
  draft.value.begun_on = begun.value ? (draft.value.planned_on as string) : null;
  if ((await form.save((fields) => commands.startBatch(fields))) === 'saved') emit('close');
}
const name = computed(() => sentence(unitName(props.way, 2)));
</script>

<template>
  <form
    class="mt-1 max-w-3xl border border-line bg-raised p-3"
    :aria-label="`Start ${here.plant.common}`"
    novalidate
    @submit.prevent="submit"
  >
    <FaultBanner :fault="fault" :clash="false" />
    <div class="grid gap-x-3 gap-y-2 sm:grid-cols-3">
      <NumberField v-model="draft.units as number | null" :label="name" :step="1" :error="errors.units" />
      <NumberField v-model="draft.wanted as number | null" label="Plants wanted of it" :step="1" :error="errors.wanted" />
      <NumberField v-model="draft.containers as number | null" label="Containers" :step="1" :error="errors.containers" />
      <label class="text-sm font-semibold"
        >{{ begun ? 'Begun on' : 'To be begun on' }}
        <input
          v-model="draft.planned_on"
          type="date"
          class="field font-normal"
          :aria-invalid="errors.planned_on ? true : undefined"
        />
        <span class="block text-gap">{{ errors.planned_on }}</span></label
      >
      <TextField v-model="draft.source as string" label="From where" hint="Blank: still to be bought." :error="errors.source" />
      <TextField v-model="draft.place as string" label="Where it stands" :error="errors.place" />
    </div>
    <label class="mt-2 flex min-h-[26px] items-center gap-2 text-sm phone:min-h-[44px]"
      ><input v-model="begun" type="checkbox" /> It is begun already</label
    >
    <p class="mt-2 flex flex-wrap gap-2">
      <button class="press press-main" :disabled="saving">{{ begun ? 'Write it down' : 'Plan it' }}</button>
      <button type="button" class="press" @click="$emit('close')">Cancel</button>
    </p>
    <p class="mt-1 text-sm text-quiet">Its steps come into Work with their days, and are ticked there or here.</p>
  </form>
</template>
