import type { OwnRow } from '~~/core/model/garden';
import type { ReferenceFile } from '~~/core/model/tables';

/** What of the library the gardener has said themselves, by table and key. */
export function useOwn() {
  const garden = useGardenStore();
  const shipped = useLibraryStore();
  const byKey = computed(() => new Map(garden.own.map((row) => [`${row.file} ${row.key}`, row])));
  const ownOf = (file: ReferenceFile, key: string): OwnRow | undefined => byKey.value.get(`${file} ${key}`);
  const isShipped = (file: 'plants.csv' | 'targets.csv', id: string) =>
    Boolean(shipped.library?.[file === 'plants.csv' ? 'plants' : 'targets'].some((row) => row.id === id));
  /** Every own row that is about one plant or target: itself and its hosts, statuses, months … */
  const about = (id: string) => garden.own.filter((row) => row.key.split(' + ').includes(id));
  return { ownOf, isShipped, about };
}
