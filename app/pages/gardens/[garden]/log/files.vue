<script setup lang="ts">
import { LOG_COLUMNS, logRows } from '~~/core/log/exchange/csv-table';
import { logNames } from '~~/core/log/exchange/names';

/** The log in and out of the application, in open formats. */
const garden = useGardenStore();
const log = useLogStore();
async function csv() {
  const { csvText } = await import('~~/core/words/csv');
  const rows = logRows([...log.book.entries].reverse(), logNames(garden.library!, garden.sites));
  saveText(`${garden.id}-log.csv`, 'text/csv', csvText([LOG_COLUMNS, ...rows]));
}
</script>

<template>
  <div class="space-y-5">
    <h1>In and out</h1>
    <section aria-labelledby="bulk">
      <h2 id="bulk">Many records at once</h2>
      <LazyLogImport class="mt-1" />
    </section>
    <section aria-labelledby="table-out">
      <h2 id="table-out">As a table</h2>
      <p class="max-w-prose text-quiet">
        Every entry, walks too; the same columns are read back above. With the garden’s own file, from the list of gardens, the
        log goes along whole.
      </p>
      <button class="press mt-2" :disabled="log.book.entries.length === 0" @click="csv">Save as CSV</button>
    </section>
    <section aria-labelledby="archive">
      <h2 id="archive">Darwin Core Archive</h2>
      <LazyArchiveOut class="mt-1" />
    </section>
  </div>
</template>
