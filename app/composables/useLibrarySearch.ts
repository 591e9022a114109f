import MiniSearch from 'minisearch';
import type { Plant, Target } from '~~/core/model/reference';

export interface Entry {
  /** `target` or `plant`, and the id of its row. */
  what: 'target' | 'plant';
  row: Target | Plant;
}

/** Finds creatures and plants of this garden's library by common, scientific or older name, a slip of the finger allowed. */
export function useLibrarySearch() {
  const garden = useGardenStore();
  const entries = computed(() => {
    const found = new Map<string, Entry>();
    for (const row of garden.library?.targets ?? []) found.set(`target ${row.id}`, { what: 'target', row });
    for (const row of garden.library?.plants ?? []) found.set(`plant ${row.id}`, { what: 'plant', row });
    return found;
  });
  const index = computed(() => {
    const search = new MiniSearch<{ id: string; common: string; scientific: string; also: string }>({
      fields: ['common', 'scientific', 'also'],
      searchOptions: {
        boost: { common: 3, scientific: 2 },
        prefix: true,
        // One slip in words of four letters, two from eight on.
        fuzzy: (term) => (term.length < 4 ? false : term.length < 8 ? 1 : 2),
        combineWith: 'AND',
      },
    });
    search.addAll(
      [...entries.value].map(([id, { row }]) => ({
        id,
        common: row.common,
        scientific: row.scientific,
        also: `${row.also} ${row.family} ${row.kind} ${'colour' in row ? row.colour : ''}`,
      })),
    );
    return search;
  });
  const collator = new Intl.Collator('en');
  const byName = computed(() => [...entries.value.values()].sort((a, b) => collator.compare(a.row.common, b.row.common)));
  /** Entries by how well they answer the words; every one, by name, where there are none. */
  function find(words: string): Entry[] {
    if (!words.trim()) return byName.value;
    const found = index.value.search(words);
    // Names are written in one word or in two: bee balm, beebalm.
    const joined = found.length === 0 ? index.value.search(words.replace(/\s+/g, '')) : found;
    return joined.map(({ id }) => entries.value.get(id as string)!);
  }
  return { find };
}
