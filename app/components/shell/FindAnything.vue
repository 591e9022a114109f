<script setup lang="ts">
import type { Entry } from '~/composables/useLibrarySearch';
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions, Dialog, DialogPanel, DialogTitle } from '@headlessui/vue';

const open = defineModel<boolean>({ required: true });
const garden = useGardenStore();
const view = useViewStore();
const stations = useStations();
const words = ref('');

interface Found {
  id: string;
  text: string;
  also: string;
  what: string;
  go: () => unknown;
}
const { find } = useLibrarySearch();
const cases = useCasesStore();
const emit = defineEmits<{ settings: [] }>();
const everything = computed<Found[]>(() => [
  ...stations.value.map((s) => ({ id: s.path, text: s.name, also: s.figure, what: 'view', go: () => navigateTo(s.path) })),
  ...garden.sites.map((s) => ({
    id: s.id,
    text: s.name,
    also: '',
    what: s.kind === 'bed' ? 'bed' : 'pot',
    go: () => navigateTo({ path: `/gardens/${garden.id}/place`, hash: `#site-${s.id}` }),
  })),
  ...cases.symptoms.map((row) => ({
    id: `seen ${row.id}`,
    text: row.name,
    also: '',
    what: 'why',
    go: () => navigateTo({ path: `/gardens/${garden.id}/log/why`, query: { symptom: row.id } }),
  })),
  {
    id: 'settings',
    text: 'Settings',
    also: 'units, metres, dates, temperature, dusk',
    what: 'choices',
    go: () => emit('settings'),
  },
]);
/** A creature or plant: explained beside the view where it lives here, else its page in the library. */
function entry({ what, row }: Entry): Found {
  const explain =
    what === 'plant'
      ? () => view.explain({ kind: 'plant', plant: row.id })
      : garden.almanac?.targets.has(row.id)
        ? () => view.explain({ kind: 'target', target: row.id })
        : () => navigateTo(`/gardens/${garden.id}/library/targets/${row.id}`);
  return { id: `${what} ${row.id}`, text: row.common, also: row.scientific, what: row.kind, go: explain };
}
const found = computed(() => {
  const wanted = words.value.trim().toLowerCase().split(/\s+/).filter(Boolean);
  const named = everything.value.filter((row) =>
    wanted.every((w) => `${row.text} ${row.also} ${row.what}`.toLowerCase().includes(w)),
  );
  return [...named, ...(wanted.length > 0 ? find(words.value).slice(0, 14).map(entry) : [])].slice(0, 14);
});

function choose(row: Found | null) {
  if (!row) return;
  open.value = false;
  words.value = '';
  row.go();
}
</script>

<template>
  <Dialog :open="open" class="relative z-50" @close="open = false">
    <div class="fixed inset-0 bg-ink/40" aria-hidden="true" />
    <div class="fixed inset-x-0 top-16 flex justify-center px-3">
      <DialogPanel class="w-full max-w-xl border border-line bg-raised p-3 shadow-lg">
        <DialogTitle class="mb-1 font-serif text-lg">Find a view, a bed, a creature or a plant</DialogTitle>
        <!-- Escape closes it at once, list and all. -->
        <div @keydown.escape.capture.stop="open = false">
          <Combobox :model-value="null" @update:model-value="choose">
            <ComboboxInput class="field" aria-label="What to find" placeholder="milkweed" @change="words = $event.target.value" />
            <ComboboxOptions static class="mt-2 max-h-80 overflow-auto">
              <ComboboxOption v-for="row in found" :key="row.id" v-slot="{ active }" :value="row">
                <div class="flex items-baseline gap-2 px-2 py-1" :class="active ? 'bg-press text-onpress' : ''">
                  <span>{{ row.text }}</span>
                  <span class="font-serif italic" :class="active ? '' : 'text-quiet'">{{ row.also }}</span>
                  <span class="ml-auto text-sm" :class="active ? '' : 'text-quiet'">{{ row.what }}</span>
                </div>
              </ComboboxOption>
              <p v-if="found.length === 0" class="px-2 py-1 text-quiet">Nothing here has that name.</p>
            </ComboboxOptions>
          </Combobox>
        </div>
      </DialogPanel>
    </div>
  </Dialog>
</template>
