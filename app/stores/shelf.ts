import type { OwnRow, OwnRowFields } from '~~/core/model/garden';
import type { ReferenceFile } from '~~/core/model/tables';

/** A row of the library kept for all gardens of this installation, and since when. */
type ShelfRow = OwnRowFields & { put_on: string };
interface Laid {
  shelf: ShelfRow[];
  digest: string;
}

/** What is said of the library for all gardens of this installation: corrections, prices and plants of one's own. */
export const useShelfStore = defineStore('shelf', () => {
  const libraryStore = useLibraryStore();
  const records = useRecordsStore();
  const notices = useNoticesStore();
  const view = useViewStore();
  const rows = shallowRef<ShelfRow[]>([]);
  const busy = ref(false);
  let asked: Promise<void> | null = null;
  /** Fetches it once; its fault is said, and the next who asks tries again. */
  const load = () =>
    (asked ??= callApi<ShelfRow[]>('GET', '/api/shelf')
      .then((answer) => {
        rows.value = answer;
      })
      .catch((error: unknown) => {
        asked = null;
        if (!isApiFault(error)) throw error;
        notices.say(error.message, 'fault');
      }));
  const byKey = computed(() => new Map(rows.value.map((row) => [`${row.file} ${row.key}`, row])));
  const rowOf = (file: ReferenceFile, key: string) => byKey.value.get(`${file} ${key}`);

  /** A change of the shelf: the library is fetched again as it is then. True where it was done. */
  async function lay(change: () => Promise<Laid>, said: string, back: (() => Promise<unknown>) | null): Promise<boolean> {
    busy.value = true;
    return faultsSaid(async () => {
      const { shelf, digest } = await change();
      rows.value = shelf;
      await libraryStore.renew(digest);
      notices.say(said, 'done', back && { label: 'Undo', run: back });
    }).finally(() => (busy.value = false));
  }
  const day = () => isoDay(view.today);
  const count = (of: readonly unknown[]) => `${of.length} ${of.length === 1 ? 'row is' : 'rows are'}`;

  /** Puts rows on the shelf as they are. */
  const put = (given: readonly OwnRowFields[]) =>
    lay(
      () => callApi<Laid>('PUT', '/api/shelf', { rows: given.map(({ file, key, cells }) => ({ file, key, cells })), day: day() }),
      `${count(given)} kept for all gardens.`,
      null,
    );
  /** Takes rows off the shelf; they can be put back. */
  const remove = (given: readonly ShelfRow[]) =>
    lay(
      () => callApi<Laid>('POST', '/api/shelf/remove', { rows: given.map(({ file, key }) => ({ file, key })) }),
      `${count(given)} no longer kept for all gardens.`,
      () => put(given),
    );
  /** Moves own rows of the open garden to the shelf. */
  async function shelve(own: readonly OwnRow[], label: string) {
    const of = records.id;
    const ids = own.map((row) => row.id);
    const path = `/api/gardens/${encodeURIComponent(of)}/library/shelve`;
    const done = await lay(
      () => callApi<Laid>('POST', path, { ids, label, day: day() }),
      `${count(own)} kept for all gardens.`,
      null,
    );
    // Only now that the library has them may the garden be without.
    if (done && records.id === of) await records.load(of);
  }
  return { rows, busy, load, rowOf, put, remove, shelve };
});
