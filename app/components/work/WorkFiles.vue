<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue';
import { yearOf } from '~~/core/model/days';
import { ACTION_WORDS } from '~~/core/words/work';
import { TASK_COLUMNS, taskRows, workEvents } from '~~/core/words/work-table';

/** The work on paper, as a table, and in the calendar of one’s own: all of it, or by kind. */
const garden = useGardenStore();
const work = useWorkStore();
const view = useViewStore();
/** From today for a year. */
const ahead = computed(() => {
  const { work: from, weather, today } = work;
  if (!from || !weather) return [];
  return [...from.tasksOf(yearOf(today), weather), ...from.tasksOf(yearOf(today) + 1, weather)].filter(
    (task) => task.until >= today && task.from <= today + 365,
  );
});
const kinds = computed(() => [...new Set(ahead.value.map((task) => task.action))]);
async function csv() {
  const { csvText } = await import('~~/core/words/csv');
  const rows = taskRows(ahead.value, work.names, view.inUnits);
  saveText(`${garden.id}-work.csv`, 'text/csv', csvText([TASK_COLUMNS, ...rows]));
}
async function ics(kind: string | null) {
  const { icsOf } = await import('~/composables/useIcs');
  const tasks = kind === null ? ahead.value : ahead.value.filter((task) => task.action === kind);
  const events = workEvents(tasks, work.names, view.inUnits, work.today).map((event) => ({ ...event, category: event.kind }));
  saveText(
    `${garden.id}-work${kind ? `-${kind}` : ''}.ics`,
    'text/calendar',
    icsOf(events, garden.garden!, `${garden.garden!.name}: work`),
  );
}
const print = () => window.print();
const row = 'flex min-h-9 w-full items-center px-3 text-left phone:min-h-11';
</script>

<template>
  <button class="press" @click="print">Print the sheet</button>
  <Menu as="div" class="relative">
    <MenuButton class="press">Calendar and table</MenuButton>
    <MenuItems class="absolute right-0 z-40 mt-1 max-h-80 w-64 overflow-auto border border-line bg-raised shadow-lg">
      <MenuItem v-slot="{ active }" as="template">
        <button :class="[row, active ? 'bg-press text-onpress' : '']" @click="ics(null)">iCalendar, all of a year</button>
      </MenuItem>
      <MenuItem v-slot="{ active }" as="template">
        <button :class="[row, active ? 'bg-press text-onpress' : '']" @click="csv">CSV</button>
      </MenuItem>
      <MenuItem v-for="kind in kinds" :key="kind" v-slot="{ active }" as="template">
        <button :class="[row, active ? 'bg-press text-onpress' : '']" @click="ics(kind)">
          iCalendar, only {{ ACTION_WORDS[kind].toLowerCase() }}
        </button>
      </MenuItem>
    </MenuItems>
  </Menu>
</template>
