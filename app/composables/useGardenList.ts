import { useLocalStorage } from '@vueuse/core';
import type { GardenSummary } from '~~/core/model/garden';

export const GARDEN_SORTS = {
  changed: 'last changed',
  name: 'name',
  score: 'most left open',
  work: 'most to do',
  place: 'region',
} as const;
export type GardenSort = keyof typeof GARDEN_SORTS;

/** The gardens that answer a filter, in the order chosen; those put away only where they are asked for. */
export function useGardenList(
  gardens: () => readonly GardenSummary[],
  regionName: (id: string) => string,
  /** Life cycles that stay open; null where that is not known yet. */
  openOf: (row: GardenSummary) => number | null,
  /** Tasks to be done now; null likewise. */
  toDoOf: (row: GardenSummary) => number | null,
) {
  const sort = useLocalStorage<GardenSort>('outwash-gardens-sort', 'changed');
  const words = ref('');
  const tag = ref('');
  const archived = ref(false);
  const tags = computed(() => [...new Set(gardens().flatMap((row) => row.tags))].sort((a, b) => a.localeCompare(b)));
  const putAway = computed(() => gardens().filter((row) => row.archived).length);
  const shown = computed(() => {
    const wanted = words.value.trim().toLowerCase().split(/\s+/).filter(Boolean);
    const by: Record<GardenSort, (a: GardenSummary, b: GardenSummary) => number> = {
      changed: (a, b) => b.changed_at.localeCompare(a.changed_at),
      name: (a, b) => a.name.localeCompare(b.name),
      score: (a, b) => (openOf(b) ?? -1) - (openOf(a) ?? -1),
      work: (a, b) => (toDoOf(b) ?? -1) - (toDoOf(a) ?? -1),
      place: (a, b) => regionName(a.region).localeCompare(regionName(b.region)),
    };
    return gardens()
      .filter((row) => row.archived === archived.value && (!tag.value || row.tags.includes(tag.value)))
      .filter((row) => {
        const text = `${row.name} ${regionName(row.region)} ${row.half_zone} ${row.tags.join(' ')}`.toLowerCase();
        return wanted.every((word) => text.includes(word));
      })
      .sort((a, b) => by[sort.value](a, b) || a.name.localeCompare(b.name));
  });
  return { sort, words, tag, archived, tags, putAway, shown };
}
