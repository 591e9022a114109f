<script setup lang="ts">
import { cellsOf, keyOf, rowsOf, type Cells } from '~~/core/library/cells';
import { type ReferenceFile, TABLES } from '~~/core/model/tables';

/**
 * The rows of one table that are about a creature or plant, each to correct, strike out or revert, and a way to add
 * one. `about` names the column that ties them, `id` its value.
 */
const props = defineProps<{ file: ReferenceFile; about: string; id: string; heading: string; blank: Cells }>();
defineSlots<{ row(props: { cells: Cells }): unknown }>();
const garden = useGardenStore();
const commands = useCommands();
const { ownOf } = useOwn();
const shelf = useShelfStore();
void shelf.load();
const open = ref('');
/** What makes a row its own cannot be changed; of a part of a year only whose and where it is. */
const fixed = computed(() => (props.file === 'flights.csv' ? ['target', 'region'] : TABLES[props.file].key));
const rows = computed(() =>
  rowsOf(garden.library!, props.file)
    .map((row) => ({ key: keyOf(props.file, row), cells: cellsOf(props.file, row) }))
    .filter((row) => row.cells[props.about] === props.id),
);
const struck = computed(() =>
  garden.own.filter((row) => row.file === props.file && row.cells === null && row.key.split(' + ').includes(props.id)),
);
const label = (key: string) => `${props.heading}: ${key}`;
const strike = (key: string) => commands.strikeOutRow(props.file, key, label(key));
</script>

<template>
  <div>
    <ul class="divide-y divide-line text-sm">
      <li v-for="row in rows" :key="row.key" class="py-1">
        <div class="flex flex-wrap items-baseline gap-x-2">
          <slot name="row" :cells="row.cells" />
          <OwnMark v-if="ownOf(file, row.key)" />
          <OwnMark v-else-if="shelf.rowOf(file, row.key)" shelf />
          <span class="no-print ml-auto flex gap-2">
            <button class="link" @click="open = open === row.key ? '' : row.key">
              Correct<span class="sr-only"> {{ row.key }}</span>
            </button>
            <button
              v-if="ownOf(file, row.key)"
              class="link"
              @click="commands.revertOwnRows([ownOf(file, row.key)!.id], label(row.key))"
            >
              Revert<span class="sr-only"> {{ row.key }}</span>
            </button>
            <button v-else class="link" @click="strike(row.key)">
              Strike out<span class="sr-only"> {{ row.key }}</span>
            </button>
          </span>
        </div>
        <RowForm
          v-if="open === row.key"
          class="mt-1"
          :file="file"
          :start="row.cells"
          :fixed="fixed"
          :label="label(row.key)"
          @saved="open = ''"
          @leave="open = ''"
        />
      </li>
      <li v-for="row in struck" :key="row.id" class="flex gap-2 py-1">
        <s>{{ row.key.replace(' + ', ' · ') }}</s> <OwnMark />
        <button class="link ml-auto" @click="commands.revertOwnRows([row.id], label(row.key))">
          Revert<span class="sr-only"> {{ row.key }}</span>
        </button>
      </li>
    </ul>
    <button v-if="open !== 'new'" class="link no-print mt-1 text-sm" @click="open = 'new'">
      Add one<span class="sr-only"> to {{ heading }}</span>
    </button>
    <RowForm
      v-else
      class="mt-1"
      :file="file"
      fresh
      :start="{ ...blank, [about]: id }"
      :fixed="[about]"
      :label="`${heading}: one more`"
      @saved="open = ''"
      @leave="open = ''"
    />
  </div>
</template>
