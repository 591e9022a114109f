<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue';
import type { Entry } from '~~/core/model/log';
import { dateName } from '~~/core/model/half-month';

/** Photographs of entries, newest first, each opened with a press. */
const props = defineProps<{ entries: readonly Entry[]; label: string }>();
const garden = useGardenStore();
const log = useLogStore();
const rows = computed(() => props.entries.flatMap((entry) => entry.photos.map((photo) => ({ photo, entry }))));
const open = ref<number | null>(null);
const shown = computed(() => (open.value === null ? null : (rows.value[open.value] ?? null)));
const address = (photo: string, small = false) => `/api/gardens/${garden.id}/photos/${photo}${small ? '?size=small' : ''}`;
const step = (by: number) => open.value !== null && (open.value = (open.value + by + rows.value.length) % rows.value.length);
</script>

<template>
  <div v-if="rows.length">
    <ul class="flex flex-wrap gap-1.5" :aria-label="label">
      <li v-for="(row, i) in rows" :key="row.photo">
        <button type="button" class="block border border-line" @click="open = i">
          <img
            :src="address(row.photo, true)"
            :alt="`${log.words(row.entry)}, ${dateName(row.entry.on_day)}`"
            loading="lazy"
            decoding="async"
            width="112"
            height="84"
            class="h-21 w-28 object-cover"
          />
        </button>
      </li>
    </ul>
    <Dialog v-if="shown" :open="true" class="relative z-50" @close="open = null">
      <div class="fixed inset-0 bg-ink/70" aria-hidden="true" />
      <div class="fixed inset-0 overflow-y-auto p-3 md:p-6" @keydown.left="step(-1)" @keydown.right="step(1)">
        <DialogPanel class="mx-auto w-fit max-w-full border border-line bg-raised p-3 shadow-lg">
          <DialogTitle class="font-serif text-lg">{{ log.words(shown.entry) }}</DialogTitle>
          <p class="text-sm text-quiet">
            {{ dateName(shown.entry.on_day) }} {{ shown.entry.note ? `· ${shown.entry.note}` : '' }}
          </p>
          <img :src="address(shown.photo)" :alt="log.words(shown.entry)" class="mt-2 max-h-[72vh] max-w-full" />
          <p class="mt-2 flex gap-2">
            <button v-if="rows.length > 1" type="button" class="press phone:min-h-[44px]" @click="step(-1)">Before</button>
            <button v-if="rows.length > 1" type="button" class="press phone:min-h-[44px]" @click="step(1)">Next</button>
            <button type="button" class="press press-main ml-auto phone:min-h-[44px]" @click="open = null">Close</button>
          </p>
        </DialogPanel>
      </div>
    </Dialog>
  </div>
</template>
