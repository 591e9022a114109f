<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue';

/** Units, temperature, dates, currency, light and explanations: remembered on this device, and in force at once. */
const emit = defineEmits<{ close: [] }>();
const view = useViewStore();
const garden = useGardenStore();
const installation = useInstallationStore();
const UNITS = [
  { value: 'us', words: 'feet', more: 'square feet, quarts, pounds' },
  { value: 'metric', words: 'metres', more: 'square metres, litres, kilograms' },
] as const;
const DEGREES = [
  { value: 'units', words: 'as the units' },
  { value: 'F', words: '°F' },
  { value: 'C', words: '°C' },
] as const;
const DATES = [
  { value: 'day-first', words: '6 May' },
  { value: 'month-first', words: 'May 6' },
] as const;
const THEMES = [
  { value: 'day', words: 'day', more: 'light' },
  { value: 'dusk', words: 'dusk', more: 'dark, for the evening' },
] as const;
const CURRENCIES = ['USD', 'CAD', 'MXN'].map((value) => ({ value, words: value }));
/** The currency of the open garden is its own once it has prices. */
const own = computed(() => garden.garden?.money?.currency);
</script>

<template>
  <Dialog :open="true" class="relative z-50" @close="emit('close')">
    <div class="fixed inset-0 bg-ink/40" aria-hidden="true" />
    <div class="fixed inset-0 overflow-y-auto p-3 md:p-8">
      <DialogPanel class="mx-auto max-w-lg space-y-3 border border-line bg-ground p-4 shadow-lg">
        <DialogTitle as="h2">Settings</DialogTitle>
        <p class="text-sm text-quiet">Remembered on this device, for every garden.</p>
        <PictureChoice v-model="view.units" label="Units" :choices="UNITS" />
        <PictureChoice v-model="view.temperature" label="Temperature" :choices="DEGREES" />
        <PictureChoice v-model="view.dates" label="Dates" :choices="DATES" />
        <div>
          <ChoiceField v-model="view.currency" class="max-w-48" label="Currency" :choices="CURRENCIES" />
          <p v-if="own && own !== view.currency" class="text-sm text-quiet">
            This garden has prices of its own in {{ own }}: change that on its shopping list.
          </p>
        </div>
        <PictureChoice v-model="view.theme" label="Light" :choices="THEMES" />
        <label class="flex items-center gap-2"
          ><input v-model="view.explained" type="checkbox" class="size-4" /> explain words where they stand</label
        >
        <OfflineNote />
        <p>
          <NuxtLink to="/installation" class="link" @click="emit('close')">Backups, removed gardens, who may come in</NuxtLink>
          <span class="block text-sm text-quiet">For everything on this server.</span>
        </p>
        <p v-if="installation.standing.closed">
          <button class="link" @click="installation.signOut()">Sign out</button>
        </p>
        <button class="press press-main" @click="emit('close')">Done</button>
      </DialogPanel>
    </div>
  </Dialog>
</template>
