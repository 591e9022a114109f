<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core';
import { csvText } from '~~/core/words/csv';
import { LEDGER_COLUMNS, ledgerRows, sortedLedger, type LedgerColumn, type LedgerRow } from '~~/core/words/ledger';

/** The braid in words: every need of every target, with what is missing and who serves it. */
const garden = useGardenStore();
const view = useViewStore();
const notices = useNoticesStore();
const onlyGaps = useLocalStorage('outwash-ledger-only-gaps', false);
const by = useLocalStorage<LedgerColumn | ''>('outwash-ledger-by', '');
const downwards = useLocalStorage('outwash-ledger-downwards', false);
const all = computed(() =>
  garden.input && garden.served ? ledgerRows(garden.input, garden.served, garden.siteName, view.inUnits) : [],
);
const rows = computed(() => {
  const shown = all.value.filter((row) => !onlyGaps.value || row.verdict !== 'closed');
  return by.value ? sortedLedger(shown, by.value, downwards.value) : shown;
});
function sortBy(column: LedgerColumn) {
  if (by.value !== column) [by.value, downwards.value] = [column, false];
  else if (!downwards.value) downwards.value = true;
  else by.value = '';
}
const orderOf = (column: LedgerColumn) => (by.value !== column ? 'none' : downwards.value ? 'descending' : 'ascending');
const cells = (row: LedgerRow) => LEDGER_COLUMNS.map(({ key }) => row[key]);
const heads = LEDGER_COLUMNS.map((column) => column.name);
async function copy() {
  await navigator.clipboard.writeText([heads, ...rows.value.map(cells)].map((line) => line.join('\t')).join('\n'));
  notices.say('The ledger is copied as text.');
}
const csv = () => saveText(`${garden.id}-ledger.csv`, 'text/csv', csvText([heads, ...rows.value.map(cells)]));
const explain = (row: LedgerRow) => view.explain({ kind: 'need', target: row.target, stage: row.stage, special: row.special });
</script>

<template>
  <section aria-labelledby="ledger">
    <div class="flex flex-wrap items-baseline gap-4">
      <h2 id="ledger">The same, as a ledger</h2>
      <label class="no-print inline-flex items-center gap-1.5 text-sm"
        ><input v-model="onlyGaps" type="checkbox" class="size-4" />gaps only</label
      >
      <p class="no-print ml-auto flex gap-3 text-sm">
        <button class="link" @click="copy">Copy as text</button>
        <button class="link" @click="csv">CSV</button>
      </p>
    </div>
    <p v-if="rows.length === 0" class="my-3">{{ onlyGaps ? 'No gaps: every cycle closes.' : 'No needs yet.' }}</p>
    <ScrollRegion v-else label="Ledger of needs">
      <table class="tabular text-sm">
        <thead>
          <tr>
            <th v-for="column in LEDGER_COLUMNS" :key="column.key" scope="col" :aria-sort="orderOf(column.key)">
              <button class="inline-flex min-h-[26px] items-center gap-1 text-left font-semibold" @click="sortBy(column.key)">
                {{ column.name
                }}<span aria-hidden="true" class="w-2 text-press">{{ by === column.key ? (downwards ? '↓' : '↑') : '' }}</span>
              </button>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.target + row.stage + row.special">
            <th scope="row" class="creature font-normal whitespace-nowrap">{{ row.creature }}</th>
            <td>
              <button class="link min-h-[26px] text-left" @click="explain(row)">
                {{ row.need }}<span class="sr-only"> of {{ row.creature }}</span>
              </button>
            </td>
            <td>
              <VerdictMark :verdict="row.verdict" />
              <span v-if="row.doubt" class="block text-xs text-quiet">{{ row.doubt }}</span>
            </td>
            <td class="whitespace-nowrap">{{ row.served }}</td>
            <td>{{ row.figure }}</td>
            <td>{{ row.when }}</td>
            <td class="text-gap">{{ row.short }}</td>
            <td class="min-w-40">{{ row.mostly }}</td>
          </tr>
        </tbody>
      </table>
    </ScrollRegion>
  </section>
</template>
