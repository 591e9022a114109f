<script setup lang="ts">
import { wrap, type Remote } from 'comlink';
import { LOG_COLUMNS, type LogColumn } from '~~/core/log/exchange/csv-table';
import { DAY_ORDERS, type ColumnMap, type DayOrder } from '~~/core/log/exchange/read-table';
import { SIGHTING_KINDS, type EntryKind } from '~~/core/model/vocabulary';
import { KIND_WORDS, placeWords, sayingWords, subjectWords } from '~~/core/words/log';
import { dateName } from '~~/core/model/half-month';
import type { LogTable, TableFound } from '~/workers/log-table';

/** Records in bulk, pasted or from a file: columns mapped by hand, looked at first, and taken all or not at all. */
const garden = useGardenStore();
const log = useLogStore();
const view = useViewStore();
const text = ref('');
/** Rows of the table, its heading among them; 0: none is looked at. */
const rows = ref(0);
const first = ref<string[]>([]);
const found = shallowRef<TableFound | null>(null);
const headed = ref(true);
const map = ref<ColumnMap>({});
const days = ref<DayOrder>('year-month-day');
const repeat = ref(true);
const unknown = ref(true);
const kind = ref<EntryKind>('adult');
const fault = ref('');
const looking = ref(false);
/** Entries written down so far, while they are; null: none are. */
const written = ref<number | null>(null);
const wanted = ref(true);

/** A long table is read beside the page. */
let worker: Worker | null = null;
let table: Remote<LogTable> | null = null;
function reader(): Remote<LogTable> {
  if (table) return table;
  worker = new Worker(new URL('../../workers/log-table.ts', import.meta.url), { type: 'module' });
  worker.onerror = (event) => {
    fault.value = `The table was not read: ${event.message || 'the worker could not go on'}.`;
    looking.value = false;
  };
  return (table = wrap<LogTable>(worker));
}
onUnmounted(() => worker?.terminate());

const LABELS: Record<LogColumn, string> = {
  day: 'day',
  time: 'time',
  what: 'what it is (stage)',
  name: 'name',
  scientific: 'scientific name',
  count: 'how many',
  doing: 'doing',
  size: 'size of a caterpillar',
  on_plant: 'on which plant',
  bed: 'bed',
  place: 'place',
  minutes: 'minutes of a walk',
  walk: 'walk it belongs to',
  amount: 'height (cm) or leaf left (%)',
  cause: 'cause of a loss',
  truly: 'what it is in truth',
  temp_c: 'temperature (°C)',
  sky: 'sky',
  wind: 'wind',
  first_or_last: 'first or last of its year',
  note: 'note',
};
const heads = computed(() => (headed.value ? first.value : first.value.map((_, i) => `column ${i + 1}`)));
const count = computed(() => Math.max(0, rows.value - (headed.value ? 1 : 0)));

async function read(content: string) {
  fault.value = '';
  looking.value = true;
  try {
    const read = await reader().read(content);
    first.value = read.first;
    map.value = read.map;
    headed.value = Object.keys(read.map).length > 0;
    rows.value = read.rows;
  } catch (error) {
    rows.value = 0;
    fault.value = `That is not readable as a table: ${(error as Error).message}.`;
  } finally {
    looking.value = false;
  }
}
async function fromFile(event: Event) {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = '';
  if (file) await read(await file.text());
}
/** How often it was looked at: an answer that another look has overtaken is dropped. */
let looks = 0;
async function look() {
  const mine = ++looks;
  found.value = null;
  looking.value = false;
  const { library, sites } = garden;
  if (rows.value === 0 || map.value.day === undefined || !library) return;
  looking.value = true;
  const names = { targets: toRaw(library.targets), plants: toRaw(library.plants) };
  const beds = sites.map(({ id, name }) => ({ id, name }));
  const choices = { days: days.value, repeat: repeat.value, unknown: unknown.value, kind: kind.value };
  try {
    const answer = await reader().find(headed.value, { ...map.value }, choices, names, beds);
    if (mine === looks) found.value = answer;
  } catch (error) {
    if (mine === looks) fault.value = `The table was not read: ${(error as Error).message}.`;
  } finally {
    if (mine === looks) looking.value = false;
  }
}
watch([rows, headed, map, days, repeat, unknown, kind, () => garden.sites], () => void look());
function setColumn(column: LogColumn, value: string) {
  const { [column]: _, ...rest } = map.value;
  map.value = value === '' ? rest : { ...rest, [column]: Number(value) };
}
/** So many are written down together: each is one step of undo, and nobody waits long for it. */
const AT_ONCE = 2000;
async function take() {
  const all = found.value?.count ?? 0;
  if (all === 0) return;
  wanted.value = true;
  written.value = 0;
  fault.value = '';
  try {
    while (wanted.value && written.value < all) {
      const part = await reader().part(written.value, written.value + AT_ONCE);
      await log.write(part, `${written.value + part.length} entries written down.`);
      written.value += part.length;
    }
    if (written.value < all)
      fault.value = `Stopped: ${written.value} of ${all} are written down. Taken once more, the others follow; none is there twice.`;
    else close();
  } catch (error) {
    if (!isApiFault(error)) throw error;
    fault.value = written.value > 0 ? `${error.message} ${written.value} of ${all} are written down.` : error.message;
  } finally {
    written.value = null;
  }
}
function close() {
  rows.value = 0;
  text.value = '';
}
const kinds = SIGHTING_KINDS.map((value) => ({ value, words: KIND_WORDS[value] }));
</script>

<template>
  <div>
    <div v-if="rows === 0">
      <label class="block text-sm font-semibold" for="pasted">Paste rows, one a line, columns by tab or comma</label>
      <textarea
        id="pasted"
        v-model="text"
        class="field max-w-3xl font-mono text-sm"
        rows="5"
        placeholder="date,species,count,plant&#10;2026-07-04,Monarch,2,Swamp milkweed"
      />
      <p class="mt-2 flex flex-wrap gap-2">
        <button class="press" :disabled="looking || !text.trim()" @click="read(text)">Look at it</button>
        <label class="press cursor-pointer has-focus-visible:outline-2"
          >From a file<input type="file" accept=".csv,.tsv,.txt,text/csv" class="sr-only" @change="fromFile"
        /></label>
      </p>
    </div>
    <template v-else>
      <p>{{ count }} rows, {{ heads.length }} columns. Say which column gives what; a blank one is left out.</p>
      <div class="mt-2 grid max-w-5xl grid-cols-2 gap-x-4 gap-y-1 sm:grid-cols-3 lg:grid-cols-4">
        <label v-for="column in LOG_COLUMNS" :key="column" class="text-sm"
          >{{ LABELS[column] }}
          <select
            class="field"
            :value="map[column] ?? ''"
            @change="setColumn(column, ($event.target as HTMLSelectElement).value)"
          >
            <option value="">not there</option>
            <option v-for="(head, i) in heads" :key="i" :value="i">{{ head || `column ${i + 1}` }}</option>
          </select></label
        >
      </div>
      <div class="mt-3 flex flex-wrap items-end gap-x-5 gap-y-2 text-sm">
        <label class="inline-flex min-h-[26px] items-center gap-1.5"
          ><input v-model="headed" type="checkbox" /> the first row is the heading</label
        >
        <label class="inline-flex min-h-[26px] items-center gap-1.5"
          ><input v-model="repeat" type="checkbox" /> a blank name or stage repeats the one above</label
        >
        <label class="inline-flex min-h-[26px] items-center gap-1.5"
          ><input v-model="unknown" type="checkbox" /> take unknown names as they are</label
        >
        <label
          >Days are written
          <select v-model="days" class="field ml-1 w-auto!">
            <option v-for="order in DAY_ORDERS" :key="order">{{ order }}</option>
          </select></label
        >
        <label
          >Rows that do not say are
          <select v-model="kind" class="field ml-1 w-auto!">
            <option v-for="row in kinds" :key="row.value" :value="row.value">{{ row.words }}</option>
          </select></label
        >
      </div>
      <p v-if="looking" role="status" class="mt-2 text-quiet">Looking at it …</p>
      <p v-else-if="!found" role="status" class="mt-2 text-gap">Say which column gives the day.</p>
      <template v-else-if="found.faults">
        <p role="alert" class="mt-3 text-gap">
          {{ found.faults }} {{ found.faults === 1 ? 'thing' : 'things' }} cannot be read, so nothing is taken:
        </p>
        <ul class="text-sm">
          <li v-for="(problem, i) in found.problems" :key="i">
            Row {{ problem.row + (headed ? 1 : 0) }}, {{ problem.column }}: {{ problem.message }}
          </li>
          <li v-if="found.faults > found.problems.length">and {{ found.faults - found.problems.length }} more.</li>
        </ul>
      </template>
      <template v-else>
        <h3 class="mt-3">The first of {{ found.count }}, as they will be written down</h3>
        <ul class="text-sm">
          <li v-for="entry in found.shown" :key="entry.id">
            {{ dateName(entry.on_day) }}: <span class="creature">{{ subjectWords(entry, log.names) }}</span>
            {{ sayingWords(entry, log.names, view.inUnits) }}
            <span class="text-quiet">{{ placeWords(entry, log.names) }}</span>
          </li>
        </ul>
      </template>
      <p class="mt-3 flex flex-wrap gap-2">
        <button
          class="press press-main"
          :disabled="written !== null || !found || found.faults > 0 || found.count === 0"
          @click="take"
        >
          Take {{ found?.faults ? 0 : (found?.count ?? 0) }} entries
        </button>
        <button v-if="written === null" class="press" @click="close">Another table</button>
        <template v-else>
          <span role="status" class="self-center">{{ written }} of {{ found?.count }} written down …</span>
          <button class="press" @click="wanted = false">Stop</button>
        </template>
      </p>
    </template>
    <p v-if="fault" role="alert" class="mt-2 text-gap">{{ fault }}</p>
  </div>
</template>
