<script setup lang="ts">
import type { GardenSummary } from '~~/core/model/garden';

const libraryStore = useLibraryStore();
const notices = useNoticesStore();
const store = useGardensStore();
const gardens = computed(() => store.gardens);

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

async function attempt(work: () => Promise<unknown>) {
  try {
    await work();
    await store.load();
  } catch (error) {
    if (!isApiFault(error)) throw error;
    notices.say(error.message, 'fault');
  }
}
const remove = (row: GardenSummary) =>
  attempt(async () => {
    await store.remove(row);
    notices.say(`${row.name} removed.`, 'done', {
      label: 'Undo',
      run: () => attempt(() => store.restore(row)),
    });
  });
async function importFile(event: Event) {
  const field = event.target as HTMLInputElement;
  const file = field.files?.[0];
  if (!file) return;
  await attempt(async () => {
    let content: unknown;
    try {
      content = JSON.parse(await file.text());
    } catch {
      const fault: ApiFault = {
        status: 400,
        message: `${file.name} is not a garden file: it is not readable as JSON.`,
        fields: {},
        current: null,
      };
      throw fault;
    }
    notices.say(`${await store.importFile(content)} imported.`);
  });
  field.value = '';
}
</script>

<template>
  <main class="mx-auto max-w-4xl px-4 py-8">
    <p class="font-serif text-3xl font-bold text-press">Outwash</p>
    <p class="mt-1 max-w-prose text-quiet">
      What to plant, how many and where, so that every species you want can complete its whole life in your garden.
    </p>
    <div class="mt-6 flex flex-wrap items-baseline gap-3">
      <h1>Gardens</h1>
      <NuxtLink to="/new-garden" class="press press-main">Make a garden</NuxtLink>
      <label class="press cursor-pointer focus-within:outline-2">
        Import a garden file<input class="sr-only" type="file" accept=".json,application/json" @change="importFile" />
      </label>
    </div>
    <p v-if="!gardens" class="py-10 text-quiet" role="status">Fetching the gardens …</p>
    <p v-else-if="gardens.length === 0" class="py-10">No garden yet. Make one: a region and a half-zone are enough to begin.</p>
    <ScrollRegion v-else class="mt-3" label="Table of gardens">
      <table class="tabular">
        <thead>
          <tr>
            <th scope="col">Garden</th>
            <th scope="col">Region</th>
            <th scope="col">Zone</th>
            <th scope="col" class="text-right!">Sites</th>
            <th scope="col" class="text-right!">Targets</th>
            <th scope="col" class="text-right!">Plantings</th>
            <th scope="col"><span class="sr-only">Remove</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in gardens" :key="row.id">
            <th scope="row">
              <NuxtLink :to="`/gardens/${row.id}`" class="creature link">{{ row.name }}</NuxtLink>
            </th>
            <td>{{ regionName(row.region) }}</td>
            <td>{{ row.half_zone }}</td>
            <td class="text-right">{{ row.sites }}</td>
            <td class="text-right">{{ row.targets }}</td>
            <td class="text-right">{{ row.plantings }}</td>
            <td class="act">
              <button class="link text-gap" @click="remove(row)">
                Remove<span class="sr-only"> {{ row.name }}</span>
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </ScrollRegion>
    <p v-if="gardens" class="mt-10 max-w-prose text-sm text-quiet">
      The library is general knowledge, cautiously put. Before you plant, check listings and poisonous plants with your local
      extension office.
    </p>
  </main>
</template>
