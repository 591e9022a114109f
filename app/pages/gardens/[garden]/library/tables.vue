<script setup lang="ts">
import { rowsOf } from '~~/core/library/cells';
import { libraryCounts } from '~~/core/library/check';
import type { LibraryProblem } from '~~/core/library/parse';
import { REFERENCE_FILE_NAMES, type ReferenceFile } from '~~/core/model/tables';

const garden = useGardenStore();
const libraryStore = useLibraryStore();
const commands = useCommands();
const WORDS: Record<ReferenceFile, string> = {
  'regions.csv': 'Regions with their summers, rain and frosts',
  'climate-normals.csv': 'Monthly normals of each region',
  'region-areas.csv': 'Which coordinates lie in which region',
  'targets.csv': 'Butterflies, moths and hummingbirds',
  'occurrence.csv': 'Where each lives, and how it winters there',
  'flights.csv': 'The parts of its year in each region',
  'blooms.csv': 'When plants flower in other regions than that of their row',
  'hosts.csv': 'Which plants their young live on',
  'plants.csv': 'Plants',
  'plant-status.csv': 'Where a plant is native, introduced or listed',
  'cautions.csv': 'Hazards',
  'propagation.csv': 'How plants are raised',
  'care.csv': 'What care they want, and when',
  'plant-tags.csv': 'What their care depends on besides',
  'symptoms.csv': 'What is seen on plants and creatures that are not well',
  'causes.csv': 'What it may come from, and what is done',
  'checks.csv': 'What to look at to be sure',
  'clearing.csv': 'What clears the invasive ones',
  'lookalikes.csv': 'Creatures easily mistaken',
  'prices.csv': 'What plants and goods cost, where you set it',
};
const problems = ref<LibraryProblem[]>([]);
/** How many there are; only the first are named. */
const faults = ref(0);
const readFrom = ref('');
const SHOWN = 200;
const said = ref('');
const busy = ref(false);
/** With the rules of care, which are fetched apart. */
const whole = computed(() => ({ ...garden.library!, ...(libraryStore.tending ? garden.here!.tending : {}) }));
useTending();
const counts = computed(() => libraryCounts(whole.value));
const shelf = useShelfStore();
void shelf.load();
const shelved = (file: ReferenceFile) => shelf.rows.filter((row) => row.file === file).length;
const ownIn = (file: ReferenceFile) => garden.own.filter((row) => row.file === file);

async function save(file: ReferenceFile) {
  let text: string;
  try {
    text = await commands.exportTable(file);
  } catch (error) {
    if (!isApiFault(error)) throw error;
    said.value = error.message;
    return;
  }
  saveText(file, 'text/csv', text);
}
async function read(file: ReferenceFile, event: Event) {
  const input = event.target as HTMLInputElement;
  const chosen = input.files?.[0];
  if (!chosen) return;
  busy.value = true;
  problems.value = [];
  said.value = '';
  readFrom.value = chosen.name;
  try {
    const answer = await commands.importTable(file, await chosen.text());
    problems.value = answer.problems;
    faults.value = answer.faults;
    if (answer.problems.length === 0)
      said.value =
        answer.taken === 0
          ? `${chosen.name} says nothing that the library does not say already.`
          : `${answer.taken} ${answer.taken === 1 ? 'row of' : 'rows of'} ${chosen.name} ${answer.taken === 1 ? 'is' : 'are'} saved as your own: ${answer.added} added, ${answer.taken - answer.added} changed; ${answer.same} ${answer.same === 1 ? 'says' : 'say'} what the library says.`;
  } catch (error) {
    if (!isApiFault(error)) throw error;
    said.value = error.message;
  } finally {
    busy.value = false;
    input.value = '';
  }
}
</script>

<template>
  <div class="max-w-5xl">
    <p class="text-sm"><NuxtLink class="link" :to="`/gardens/${garden.id}/library`">Library</NuxtLink> › tables</p>
    <h1>Tables and corrections</h1>
    <p class="max-w-prose text-quiet">
      Each table opens in a spreadsheet. What you import is checked whole: rows that differ are saved as your own over the shipped
      library, and if one row cannot be right, none is taken. Cells may be parted by commas, semicolons or tabs. What you keep for
      all gardens holds in every garden of this installation; a garden’s own word wins over it.
    </p>
    <p class="mt-1 text-sm text-quiet">
      {{ counts.nativeRows }} native, {{ counts.introducedRows }} introduced and {{ counts.listedRows }} invasive or noxious
      statuses; {{ counts.lowConfidence }} rows of low confidence.
    </p>
    <p v-if="busy" role="status" class="mt-2 text-quiet">Checking {{ readFrom }} …</p>
    <div v-if="said" role="status" class="mt-2 border-l-4 border-press bg-raised p-2">{{ said }}</div>
    <div v-if="problems.length" role="alert" class="mt-2 border-l-4 border-gap bg-raised p-2">
      <p>
        <strong>Nothing of {{ readFrom }} was taken.</strong> {{ faults }} {{ faults === 1 ? 'cell is' : 'cells are' }} at fault{{
          faults > SHOWN ? `; the first ${SHOWN}` : ''
        }}:
      </p>
      <ul class="max-h-52 overflow-auto text-sm">
        <li v-for="(problem, i) in problems.slice(0, SHOWN)" :key="i">
          Row {{ problem.row }}<template v-if="problem.column">, {{ problem.column }}</template
          >: {{ problem.message }}
        </li>
      </ul>
    </div>
    <ScrollRegion class="mt-2" label="Tables of the library">
      <table class="tabular">
        <thead>
          <tr>
            <th scope="col">Table</th>
            <th scope="col">Rows</th>
            <th scope="col">Your own</th>
            <th scope="col">For all gardens</th>
            <th scope="col">Out and in</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="file in REFERENCE_FILE_NAMES" :key="file">
            <th scope="row" class="font-normal">
              {{ WORDS[file] }} <span class="block text-sm text-quiet">{{ file }}</span>
            </th>
            <td>{{ rowsOf(whole, file).length }}</td>
            <td>{{ ownIn(file).length || '' }}</td>
            <td>{{ shelved(file) || '' }}</td>
            <td>
              <span class="flex flex-wrap gap-2">
                <button class="press" @click="save(file)">
                  Save as CSV<span class="sr-only"> {{ file }}</span>
                </button>
                <label class="press cursor-pointer focus-within:outline-2"
                  >Import a CSV<span class="sr-only"> for {{ file }}</span>
                  <input class="sr-only" type="file" accept=".csv,text/csv" :disabled="busy" @change="read(file, $event)" />
                </label>
              </span>
            </td>
          </tr>
        </tbody>
      </table>
    </ScrollRegion>
    <section v-if="garden.own.length" class="mt-4" aria-label="Your own word">
      <div class="flex items-baseline gap-4">
        <h2>Your own word</h2>
        <button
          class="link text-sm"
          @click="
            commands.revertOwnRows(
              garden.own.map((row) => row.id),
              'Every correction',
            )
          "
        >
          Revert all {{ garden.own.length }}
        </button>
        <button class="link text-sm" :disabled="shelf.busy" @click="shelf.shelve(garden.own, 'Every correction')">
          Keep all {{ garden.own.length }} for all gardens
        </button>
      </div>
      <ul class="mt-1 divide-y divide-line text-sm">
        <li v-for="row in garden.own" :key="row.id" class="flex flex-wrap items-baseline gap-x-3 py-1">
          <span class="text-quiet">{{ row.file }}</span>
          <span :class="row.cells ? '' : 'line-through'">{{ row.key.replaceAll(' + ', ' · ') }}</span>
          <span v-if="!row.cells" class="text-quiet">struck out</span>
          <button class="link ml-auto" :disabled="shelf.busy" @click="shelf.shelve([row], row.key)">
            Keep for all gardens<span class="sr-only"> {{ row.key }}</span>
          </button>
          <button class="link" @click="commands.revertOwnRows([row.id], row.key)">
            Revert<span class="sr-only"> {{ row.key }}</span>
          </button>
        </li>
      </ul>
    </section>
    <section v-if="shelf.rows.length" class="mt-4" aria-label="For all gardens">
      <div class="flex flex-wrap items-baseline gap-4">
        <h2>For all gardens of this installation</h2>
        <button class="link text-sm" :disabled="shelf.busy" @click="shelf.remove(shelf.rows)">
          Keep none of the {{ shelf.rows.length }}
        </button>
      </div>
      <ul class="mt-1 divide-y divide-line text-sm">
        <li v-for="row in shelf.rows" :key="row.file + row.key" class="flex flex-wrap items-baseline gap-x-3 py-1">
          <span class="text-quiet">{{ row.file }}</span>
          <span :class="row.cells ? '' : 'line-through'">{{ row.key.replaceAll(' + ', ' · ') }}</span>
          <span class="text-quiet">{{ row.cells ? '' : 'struck out, ' }}since {{ row.put_on }}</span>
          <button class="link ml-auto" :disabled="shelf.busy" @click="shelf.remove([row])">
            Keep no longer<span class="sr-only"> {{ row.key }}</span>
          </button>
        </li>
      </ul>
    </section>
  </div>
</template>
