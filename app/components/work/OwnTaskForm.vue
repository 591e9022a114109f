<script setup lang="ts">
import { WorkFields } from '~~/core/model/work';

/** A task of one’s own, once or again and again; released predators as one that the library knows about. */
const emit = defineEmits<{ close: [] }>();
const garden = useGardenStore();
const work = useWorkStore();
const commands = useCommands();
const form = useDraft(WorkFields, () => ({
  what: 'own' as const,
  task: 'own',
  on_day: work.onDay,
  title: '',
  action: null,
  site_id: null,
  minutes: null,
  every_days: null,
  note: '',
}));
const { draft, errors, fault, saving } = form;
const sites = computed(() => [
  { value: null, words: 'the whole garden' },
  ...garden.sites.map((site) => ({ value: site.id, words: site.name })),
]);
const renews = computed(() => work.work?.care.book.ofFeature('released')[0]);
/** Predators that were released have to be renewed: the interval and its reason are the library’s. */
function released() {
  if (!renews.value) return;
  draft.value = {
    ...draft.value,
    title: 'Renew the released predators',
    action: 'renew',
    every_days: renews.value.every_days,
    minutes: renews.value.minutes,
    note: renews.value.why,
  };
}
async function submit() {
  if ((await form.save((fields) => commands.addOwnTask(fields))) === 'saved') emit('close');
}
</script>

<template>
  <form class="max-w-4xl border border-line bg-raised p-3" aria-labelledby="own-task" novalidate @submit.prevent="submit">
    <h2 id="own-task">A task of your own</h2>
    <FaultBanner :fault="fault" :clash="false" />
    <div class="mt-1 grid gap-x-3 gap-y-2 sm:grid-cols-[minmax(0,2fr)_minmax(0,1fr)_10rem]">
      <TextField v-model="draft.title!" label="What is to be done" :error="errors.title" />
      <ChoiceField v-model="draft.site_id!" label="Where" :choices="sites" :error="errors.site_id" />
      <label class="text-sm font-semibold"
        >From
        <input v-model="draft.on_day" type="date" class="field font-normal" :aria-invalid="errors.on_day ? true : undefined" />
        <span class="block text-gap">{{ errors.on_day }}</span></label
      >
    </div>
    <div class="mt-2 grid gap-x-3 gap-y-2 sm:grid-cols-[8rem_12rem_minmax(0,1fr)]">
      <NumberField v-model="draft.minutes!" label="Minutes" :error="errors.minutes" />
      <NumberField v-model="draft.every_days!" label="Again after days" hint="Blank: once." :error="errors.every_days" />
      <TextField v-model="draft.note!" label="Note" :error="errors.note" />
    </div>
    <p class="mt-2 flex flex-wrap gap-2">
      <button class="press press-main" :disabled="saving">Add it</button>
      <button type="button" class="press" @click="$emit('close')">Cancel</button>
      <button v-if="renews" type="button" class="link min-h-[26px] text-sm phone:min-h-[44px]" @click="released">
        I have released predators: remind me to renew them
      </button>
    </p>
  </form>
</template>
