<script setup lang="ts">
import { LOG_COLUMNS, type LogColumn } from '~~/core/log/exchange/csv-table';
import { logNames } from '~~/core/log/exchange/names';
import { DAY_ORDERS, guessColumns, readLogTable, type ColumnMap, type DayOrder } from '~~/core/log/exchange/read-table';
import { SIGHTING_KINDS, type EntryKind } from '~~/core/model/vocabulary';
import { KIND_WORDS, placeWords, sayingWords, subjectWords } from '~~/core/words/log';
import { plainCell } from '~~/core/model/csv-cells';
import { dateName } from '~~/core/model/half-month';

/** Records in bulk, pasted or from a file: columns mapped by hand, looked at first, and taken all or not at all. */
const garden = useGardenStore();
const log = useLogStore();
const view = useViewStore();
const text = ref('');
const rows = shallowRef<string[][]>([]);
const headed = ref(true);
const map = ref<ColumnMap>({});
const days = ref<DayOrder>('year-month-day');
const repeat = ref(true);
const unknown = ref(true);
const kind = ref<EntryKind>('adult');
const fault = ref('');
const saving = ref(false);
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
const heads = computed(() => (headed.value ? (rows.value[0] ?? []) : (rows.value[0] ?? []).map((_, i) => `column ${i + 1}`)));
const body = computed(() => (headed.value ? rows.value.slice(1) : rows.value));

async function read(content: string) {
  const { parse } = await import('csv-parse/browser/esm/sync');
  fault.value = '';
  try {
    const first = content.split('\n', 1)[0] ?? '';
    const delimiter = ['\t', ';', ','].find((sign) => first.includes(sign)) ?? ',';
    rows.value = parse(content, {
      delimiter,
      bom: true,
      relax_column_count: true,
      skip_empty_lines: true,
      trim: true,
      cast: plainCell,
    }) as string[][];
    map.value = guessColumns(rows.value[0] ?? []);
    headed.value = Object.keys(map.value).length > 0;
  } catch (error) {
    rows.value = [];
    fault.value = `That is not readable as a table: ${(error as Error).message}.`;
  }
}
async function fromFile(event: Event) {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = '';
  if (file) await read(await file.text());
}
/** Ids are made when it is looked at: what is sent again has the same ones. */
const found = computed(() =>
  rows.value.length === 0 || map.value.day === undefined || !garden.library
    ? null
    : readLogTable(
        body.value,
        map.value,
        { days: days.value, repeat: repeat.value, unknown: unknown.value, kind: kind.value },
        logNames(garden.library, garden.sites),
        freshId,
      ),
);
function setColumn(column: LogColumn, value: string) {
  const { [column]: _, ...rest } = map.value;
  map.value = value === '' ? rest : { ...rest, [column]: Number(value) };
}
const AT_ONCE = 5000;
async function take() {
  const entries = found.value?.entries ?? [];
  if (entries.length === 0) return;
  if (entries.length > AT_ONCE) {
    fault.value = `That is more than ${AT_ONCE} rows: read it in parts.`;
    return;
  }
  saving.value = true;
  fault.value = '';
  try {
    await log.write(entries, `${entries.length} entries written down.`);
    rows.value = [];
    text.value = '';
  } catch (error) {
    if (!isApiFault(error)) throw error;
    fault.value = error.message;
  } finally {
    saving.value = false;
  }
}
const kinds = SIGHTING_KINDS.map((value) => ({ value, words: KIND_WORDS[value] }));
</script>

<template>
  <div>
    <div v-if="rows.length === 0">
      <label class="block text-sm font-semibold" for="pasted">Paste rows, one a line, columns by tab or comma</label>
      <textarea
        id="pasted"
        v-model="text"
        class="field max-w-3xl font-mono text-sm"
        rows="5"
        placeholder="date,species,count,plant&#10;2026-07-04,Monarch,2,Swamp milkweed"
      />
      <p class="mt-2 flex flex-wrap gap-2">
        <button class="press" :disabled="!text.trim()" @click="read(text)">Look at it</button>
        <label class="press cursor-pointer has-focus-visible:outline-2"
          >From a file<input type="file" accept=".csv,.tsv,.txt,text/csv" class="sr-only" @change="fromFile"
        /></label>
      </p>
    </div>
    <template v-else>
      <p>{{ body.length }} rows, {{ heads.length }} columns. Say which column gives what; a blank one is left out.</p>
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
      <p v-if="!found" role="status" class="mt-2 text-gap">Say which column gives the day.</p>
      <template v-else-if="found.problems.length">
        <p role="alert" class="mt-3 text-gap">
          {{ found.problems.length }} {{ found.problems.length === 1 ? 'thing' : 'things' }} cannot be read, so nothing is taken:
        </p>
        <ul class="text-sm">
          <li v-for="(problem, i) in found.problems.slice(0, 20)" :key="i">
            Row {{ problem.row + (headed ? 1 : 0) }}, {{ problem.column }}: {{ problem.message }}
          </li>
          <li v-if="found.problems.length > 20">and {{ found.problems.length - 20 }} more.</li>
        </ul>
      </template>
      <template v-else>
        <h3 class="mt-3">The first of {{ found.entries.length }}, as they will be written down</h3>
        <ul class="text-sm">
          <li v-for="entry in found.entries.slice(0, 6)" :key="entry.id">
            {{ dateName(entry.on_day) }}: <span class="creature">{{ subjectWords(entry, log.names) }}</span>
            {{ sayingWords(entry, log.names, view.inUnits) }}
            <span class="text-quiet">{{ placeWords(entry, log.names) }}</span>
          </li>
        </ul>
      </template>
      <p class="mt-3 flex flex-wrap gap-2">
        <button class="press press-main" :disabled="saving || !found || found.entries.length === 0" @click="take">
          Take {{ found?.entries.length ?? 0 }} entries
        </button>
        <button class="press" @click="rows = []">Another table</button>
      </p>
    </template>
    <p v-if="fault" role="alert" class="mt-2 text-gap">{{ fault }}</p>
  </div>
</template>
