<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue';
import type { Coverage } from '~~/core/coverage/types';
import type { Entry, EntryFields } from '~~/core/model/log';
import { isPlantNote } from '~~/core/model/vocabulary';

/** The log’s pen: from any view, for a creature or a plant. */
const props = defineProps<{ start: Partial<EntryFields>; entry: Entry | null }>();
const emit = defineEmits<{ close: [] }>();
const garden = useGardenStore();
const work = useWorkStore();
const log = useLogStore();
work.begin();
log.begin();
const about = ref<'creature' | 'plant' | 'picture' | 'released'>(aboutOf(props.start.what ?? 'adult'));
function aboutOf(what: EntryFields['what']) {
  return what === 'picture' || what === 'released' ? what : isPlantNote(what) ? 'plant' : 'creature';
}
/** What was said already goes to the form that it is for. */
const startFor = (tab: typeof about.value) => (aboutOf(props.start.what ?? 'adult') === tab ? props.start : {});
const before = shallowRef<Coverage | null>(null);
const written = shallowRef<EntryFields | null>(null);
/** Loss and mislabelled plants change what is covered: it is shown before one goes on. */
const changed = ref(false);
let covered: Coverage | null = garden.served;
watch(
  () => garden.served,
  (now, was) => (covered = was ?? now),
);
function saved(entry: EntryFields, again: boolean) {
  // What waits to be sent has changed nothing yet.
  if ((entry.what === 'lost' || entry.what === 'mislabelled') && log.unsent === 0) {
    before.value = covered;
    written.value = entry;
    changed.value = true;
  } else if (!again) emit('close');
}
const tabs = [
  { value: 'creature', words: 'A creature' },
  { value: 'plant', words: 'A plant' },
  { value: 'picture', words: 'A picture' },
  { value: 'released', words: 'Released' },
] as const;
</script>

<template>
  <Dialog :open="true" class="relative z-50" @close="emit('close')">
    <div class="fixed inset-0 bg-ink/40" aria-hidden="true" />
    <div class="fixed inset-0 flex justify-center overflow-y-auto md:px-3 md:py-8">
      <DialogPanel
        class="min-h-full w-full max-w-3xl border-line bg-raised px-4 pt-3 md:min-h-0 md:self-start md:border md:shadow-lg"
      >
        <div class="mb-2 flex flex-wrap items-center gap-x-5 gap-y-1">
          <DialogTitle class="font-serif text-xl">{{ entry ? 'Change an entry' : 'Write it down' }}</DialogTitle>
          <div v-if="!changed && !entry" class="flex gap-1.5" role="group" aria-label="About">
            <button
              v-for="tab in tabs"
              :key="tab.value"
              type="button"
              class="chip"
              :aria-pressed="about === tab.value"
              @click="about = tab.value"
            >
              {{ tab.words }}
            </button>
          </div>
          <button type="button" class="link ml-auto min-h-[26px] phone:min-h-[44px]" @click="emit('close')">Close</button>
        </div>
        <div v-if="changed && before" class="pb-4"><EntryEffect :before="before" :entry="written" @close="emit('close')" /></div>
        <CreatureEntry
          v-else-if="about === 'creature'"
          :start="startFor('creature')"
          :entry="entry"
          @saved="(again) => !again && emit('close')"
          @cancel="emit('close')"
        />
        <PlantEntry
          v-else-if="about === 'plant'"
          :start="startFor('plant')"
          :entry="entry"
          @saved="saved"
          @cancel="emit('close')"
        />
        <ReleasedEntry
          v-else-if="about === 'released'"
          :start="startFor('released')"
          @saved="emit('close')"
          @cancel="emit('close')"
        />
        <PictureEntry v-else :start="startFor('picture')" @saved="emit('close')" @cancel="emit('close')" />
      </DialogPanel>
    </div>
  </Dialog>
</template>
