import type { GardenFields, GardenState, GardenSummary, ListingFields, RemovedGarden } from '~~/core/model/garden';

/** A place found by its postal code or on the map. */
export interface FoundPlace {
  lat: number;
  lon: number;
  jurisdiction: string | null;
  region: string;
  /** The name of the town, where it was found by its code. */
  name?: string;
}

/** The gardens of this server, and what is done with a garden as a whole. Faults are thrown, for the views to show. */
export const useGardensStore = defineStore('gardens', () => {
  const libraryStore = useLibraryStore();
  const installation = useInstallationStore();
  const gardens = ref<GardenSummary[] | null>(null);
  /** How many were removed and can be brought back. */
  const removed = ref(0);

  async function load() {
    const [list] = await Promise.all([callApi<GardenSummary[]>('GET', '/api/gardens'), libraryStore.loadPlaces()]);
    gardens.value = list;
    // Whoever signed in to look is not shown them.
    if (installation.standing.role === 'change') removed.value = (await callApi<RemovedGarden[]>('GET', '/api/removed')).length;
  }
  /** Makes a garden and answers its id. */
  const make = async (fields: GardenFields) => (await callApi<GardenState>('POST', '/api/gardens', fields)).garden.id;
  const remove = ({ id, revision }: GardenSummary) => callApi('DELETE', `/api/gardens/${id}?revision=${revision}`);
  const restore = ({ id }: GardenSummary) => callApi('POST', `/api/gardens/${id}/restore`);
  /** Imports a garden from the content of its file and answers its name. */
  const importFile = async (content: unknown) => (await callApi<GardenState>('POST', '/api/garden-files', content)).garden.name;
  /** Copies a garden, with its plants or without, and answers the name of the copy. */
  const copy = async ({ id }: GardenSummary, plants: boolean) =>
    (await callApi<GardenState>('POST', `/api/gardens/${id}/copy`, { plants })).garden.name;
  const saveListing = ({ id, revision, tags, archived }: GardenSummary, fields: Partial<ListingFields>) =>
    callApi('PUT', `/api/gardens/${id}/listing`, { revision, fields: { tags, archived, ...fields } });
  const placeByCode = (code: string) => callApi<Required<FoundPlace>>('GET', `/api/postal/${encodeURIComponent(code)}`);
  return { gardens, removed, load, make, remove, restore, importFile, copy, saveListing, placeByCode };
});
