<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue';
import { Ellipsis } from '@lucide/vue';
import type { Station } from '~/composables/useStations';

/** What a small screen has no room for: the stations not used every day, and the choices of the top. */
defineProps<{ stations: Station[] }>();
const emit = defineEmits<{ keys: []; settings: [] }>();
const records = useRecordsStore();
const choices = computed(() => [
  {
    name: 'Redo',
    more: records.state?.history.redo?.label ?? 'nothing is undone',
    off: !records.state?.history.redo,
    run: () => records.step('redo'),
  },
  { name: 'Settings', more: 'units, dates, light', off: false, run: () => emit('settings') },
  { name: 'Keys', more: 'what the keyboard does', off: false, run: () => emit('keys') },
]);
const row = 'flex min-h-11 w-full items-center justify-between gap-4 px-3 text-left';
</script>

<template>
  <Menu as="div" class="short:relative">
    <MenuButton class="flex min-h-[2.95rem] w-full flex-col items-center justify-center short:min-h-6 short:px-2">
      <Ellipsis :size="20" aria-hidden="true" class="short:hidden" />
      <span class="text-xs leading-tight short:text-base">More</span>
    </MenuButton>
    <MenuItems
      class="fixed right-2 bottom-[3.2rem] z-40 w-64 border border-line bg-raised shadow-lg short:absolute short:top-full short:right-0 short:bottom-auto"
    >
      <MenuItem v-for="station in stations" :key="station.key" v-slot="{ active, close }" as="template">
        <NuxtLink :to="station.path" :class="[row, active ? 'bg-press text-onpress' : '']" @click="close"
          ><span class="font-serif text-base">{{ station.name }}</span
          ><span class="text-sm">{{ station.figure }}</span></NuxtLink
        >
      </MenuItem>
      <MenuItem v-for="choice in choices" :key="choice.name" v-slot="{ active }" :disabled="choice.off" as="template">
        <button :class="[row, active ? 'bg-press text-onpress' : '', choice.off ? 'text-quiet' : '']" @click="choice.run">
          <span>{{ choice.name }}</span><span class="text-sm">{{ choice.more }}</span>
        </button>
      </MenuItem>
    </MenuItems>
  </Menu>
</template>
