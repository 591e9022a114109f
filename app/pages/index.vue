<script setup lang="ts">
import type { GardenSummary } from '~~/core/model/garden';
import { dateName } from '~~/core/model/half-month';
import { GARDEN_SORTS } from '~/composables/useGardenList';

const libraryStore = useLibraryStore();
const notices = useNoticesStore();
const store = useGardensStore();
const last = useLastPlace();
const all = computed(() => store.gardens ?? []);

async function load() {
  try {
    await store.load();
  } catch (error) {
    if (!isApiFault(error)) throw error;
    showError({ statusCode: error.status || 503, message: error.message, fatal: true });
  }
}
void load();
const regionName = (id: string) => libraryStore.places?.regions.find((row) => row.id === id)?.name ?? id;
const { overviewOf, finding } = useOverviews(() => all.value.filter((row) => !row.archived));
const openOf = (row: GardenSummary) => {
  const overview = overviewOf(row);
  return overview && overview.channels.length - overview.closed;
};
const { sort, words, tag, archived, tags, putAway, shown } = useGardenList(
  () => all.value,
  regionName,
  openOf,
  (row) => overviewOf(row)?.toDo ?? null,
);
/** Where one left off, if that garden is still there. */
const goOn = computed(() => (last.value && all.value.find((row) => row.id === last.value!.garden)) || null);
/** From this many gardens on a list is worth searching. */
const MANY = 4;
const tagging = ref('');

const attempt = (work: () => Promise<unknown>): Promise<boolean> => faultsSaid(work).finally(load);
/** The garden that is asked about before it is removed. */
const removing = ref<GardenSummary | null>(null);
const remove = (row: GardenSummary) => {
  removing.value = null;
  return attempt(async () => {
    await store.remove(row);
    notices.say(`${row.name} removed.`, 'done', { label: 'Undo', run: () => attempt(() => store.restore(row)) });
  });
};
const copy = (row: GardenSummary, plants: boolean) =>
  attempt(async () => void notices.say(`${await store.copy(row, plants)} made${plants ? '' : ', with nothing planted yet'}.`));
const archive = (row: GardenSummary, on: boolean) =>
  attempt(async () => {
    await store.saveListing(row, { archived: on });
    const back = () =>
      attempt(() =>
        store.saveListing(
          all.value.find((of) => of.id === row.id)!,
          { archived: !on },
        ),
      );
    notices.say(on ? `${row.name} is archived.` : `${row.name} is back in the list.`, 'done', { label: 'Undo', run: back });
  });
const saveTags = async (row: GardenSummary, list: string[]) => {
  if (await attempt(() => store.saveListing(row, { tags: list }))) tagging.value = '';
};

/** Imports the files one after the other; what is wrong with one is said and keeps none of the others back. */
async function importFiles(event: Event) {
  const field = event.target as HTMLInputElement;
  const made: string[] = [];
  for (const file of field.files ?? []) {
    try {
      made.push(await store.importFile(JSON.parse(await file.text())));
    } catch (error) {
      if (error instanceof SyntaxError) notices.say(`${file.name} is not a garden file: it is not readable as JSON.`, 'fault');
      else if (isApiFault(error)) notices.say(`${file.name}: ${error.message}`, 'fault');
      else throw error;
    }
  }
  field.value = '';
  if (made.length > 0) notices.say(`${made.length > 3 ? `${made.length} gardens` : made.join(', ')} imported.`);
  await load();
}
const counted = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`;
</script>

<template>
  <main class="mx-auto max-w-6xl px-4 py-8">
    <div class="flex items-baseline gap-4">
      <p class="font-serif text-3xl font-bold text-press">Outwash</p>
      <SettingsPress class="ml-auto" />
    </div>
    <p class="mt-1 max-w-prose text-quiet">
      What to plant, how many and where, so that every species you want can complete its whole life in your garden.
    </p>
    <p v-if="goOn" class="mt-4">
      <NuxtLink :to="last!.path" class="press press-main">Go on: {{ goOn.name }}, {{ last!.station }}</NuxtLink>
    </p>
    <div class="mt-6 flex flex-wrap items-baseline gap-3">
      <h1>Gardens</h1>
      <NuxtLink to="/new-garden" class="press" :class="goOn ? '' : 'press-main'">Make a garden</NuxtLink>
      <label class="press cursor-pointer focus-within:outline-2">
        Import garden files<input class="sr-only" type="file" accept=".json,application/json" multiple @change="importFiles" />
      </label>
      <template v-if="all.length >= MANY">
        <label class="ml-auto text-sm"
          >Find <input v-model="words" class="field ml-1 w-40!" type="search" placeholder="name, region, tag"
        /></label>
        <label v-if="tags.length" class="text-sm"
          >Tagged
          <select v-model="tag" class="field ml-1 w-auto!">
            <option value="">any</option>
            <option v-for="one in tags" :key="one">{{ one }}</option>
          </select></label
        >
        <label class="text-sm"
          >Sorted by
          <select v-model="sort" class="field ml-1 w-auto!">
            <option v-for="(name, key) in GARDEN_SORTS" :key="key" :value="key">{{ name }}</option>
          </select></label
        >
      </template>
    </div>
    <p v-if="!store.gardens" class="py-10 text-quiet" role="status">Fetching the gardens …</p>
    <p v-else-if="all.length === 0" class="py-10">
      No garden yet. Make one: where it is and how cold it gets are enough to begin.
    </p>
    <p v-else-if="shown.length === 0" class="py-10">
      {{ archived ? 'No garden is archived' : 'No garden answers to that' }}.
      <button class="link" @click="[(words = ''), (tag = ''), (archived = false)]">Show all</button>
    </p>
    <ScrollRegion v-else class="mt-3" label="Table of gardens">
      <table class="tabular">
        <thead>
          <tr>
            <th scope="col">Garden</th>
            <th scope="col">Its year</th>
            <th scope="col">Life cycles</th>
            <th scope="col">Where</th>
            <th scope="col">What is there</th>
            <th scope="col">Changed</th>
            <th scope="col"><span class="sr-only">What to do with it</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in shown" :key="row.id">
            <th scope="row">
              <NuxtLink :to="`/gardens/${row.id}`" class="creature link">{{ row.name }}</NuxtLink>
              <span v-if="row.tags.length" class="block text-sm font-normal text-quiet">{{ row.tags.join(' · ') }}</span>
              <GardenTags v-if="tagging === row.id" :garden="row" @save="(list) => saveTags(row, list)" @close="tagging = ''" />
            </th>
            <td class="w-40">
              <SmallBraid v-if="overviewOf(row)" :channels="overviewOf(row)!.channels" :closed="overviewOf(row)!.closed" />
              <span v-else class="block h-[34px] w-36 text-quiet">{{ finding && !row.archived ? '…' : '' }}</span>
            </td>
            <td class="whitespace-nowrap">
              <template v-if="overviewOf(row)">{{
                row.targets ? `${overviewOf(row)!.closed} of ${row.targets} close` : 'nobody chosen'
              }}</template>
              <NuxtLink
                v-if="overviewOf(row)?.toDo"
                :to="`/gardens/${row.id}/work`"
                class="link block text-sm phone:flex phone:min-h-[44px] phone:items-center"
                >{{ overviewOf(row)!.toDo }} to do<span class="sr-only"> in {{ row.name }}</span></NuxtLink
              >
            </td>
            <td class="text-sm">{{ regionName(row.region) }}, zone {{ row.half_zone }}</td>
            <td class="text-sm">
              {{ row.balcony ? counted(row.sites, 'pot', 'pots') : counted(row.sites, 'site', 'sites') }},
              {{ counted(row.plantings, 'planting', 'plantings') }}
            </td>
            <td class="text-sm whitespace-nowrap">{{ dateName(row.changed_at.slice(0, 10)) }}</td>
            <td class="act">
              <GardenMore :name="row.name">
                <button class="link" @click="copy(row, true)">
                  Copy it<span class="sr-only"> ({{ row.name }})</span>, with its plants
                </button>
                <button class="link" @click="copy(row, false)">
                  Copy it<span class="sr-only"> ({{ row.name }})</span>, without plants
                </button>
                <button class="link" @click="tagging = row.id">
                  Tags<span class="sr-only"> of {{ row.name }}</span>
                </button>
                <button class="link" @click="archive(row, !row.archived)">
                  {{ row.archived ? 'Bring back' : 'Archive' }}<span class="sr-only"> {{ row.name }}</span>
                </button>
                <a class="link" :href="`/api/gardens/${row.id}/export`" :download="`${row.id}.json`"
                  >Export<span class="sr-only"> {{ row.name }}</span></a
                >
                <button class="link text-gap" @click="removing = row">
                  Remove<span class="sr-only"> {{ row.name }}</span>
                </button>
              </GardenMore>
            </td>
          </tr>
        </tbody>
      </table>
    </ScrollRegion>
    <p v-if="putAway || archived" class="mt-3">
      <button class="link" @click="archived = !archived">
        {{ archived ? 'Back to the gardens in use' : `Show the archived (${putAway})` }}
      </button>
    </p>
    <p v-if="store.removed" class="mt-3">
      <NuxtLink to="/installation#removed" class="link">Removed gardens ({{ store.removed }})</NuxtLink>
    </p>
    <AskFirst v-if="removing" :title="`Remove ${removing.name}?`" yes="Remove it" @no="removing = null" @yes="remove(removing)">
      <p>It stays among the removed gardens for 90 days, with all that belongs to it, and can be brought back until then.</p>
    </AskFirst>
    <p v-if="store.gardens" class="mt-10 max-w-prose text-sm text-quiet">
      The library is general knowledge, cautiously put. Before you plant, check listings and poisonous plants with your local
      extension office.
    </p>
  </main>
</template>
