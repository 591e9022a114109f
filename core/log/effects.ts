import type { Planting } from '../model/garden';
import type { NewEntry } from '../model/log';

/** What an entry changes of the plantings: rows that are changed and rows that are added. */
export interface PlantingChanges {
  changed: { id: string; fields: Partial<Planting> }[];
  added: Omit<Planting, 'revision'>[];
  removed: string[];
}
const NOTHING: PlantingChanges = { changed: [], added: [], removed: [] };

/**
 * What a loss or a mislabelled plant changes of its planting. Of a planting lost in part the lost plants become a row of
 * their own, under the entry's id, so that what grew in earlier years stays true and the entry can be taken back.
 * Throws a RangeError where more are lost than there are.
 */
export function effectOf(entry: NewEntry, planting: Planting): PlantingChanges {
  if (entry.what === 'mislabelled') return { ...NOTHING, changed: [{ id: planting.id, fields: { plant: entry.true_plant! } }] };
  if (entry.what !== 'lost') return NOTHING;
  const lost_year = Number(entry.on_day.slice(0, 4));
  const lost = entry.count!;
  if (lost > planting.count) throw new RangeError(`Only ${planting.count} stand there.`);
  const gone = { state: 'lost', lost_year } as const;
  if (lost === planting.count) return { ...NOTHING, changed: [{ id: planting.id, fields: gone }] };
  return {
    ...NOTHING,
    changed: [{ id: planting.id, fields: { count: planting.count - lost } }],
    added: [
      {
        ...planting,
        ...gone,
        id: entry.id,
        count: lost,
        spots: planting.spots.slice(planting.count - lost, planting.count),
        cost_minor: null,
        cut: null,
        notes: '',
      },
    ],
  };
}

/** What taking such an entry back changes: the plants stand again where they stood, as far as their rows are there. */
export function effectTakenBack(entry: NewEntry, plantings: readonly Planting[]): PlantingChanges {
  const planting = plantings.find((row) => row.id === entry.planting_id);
  if (entry.what === 'mislabelled')
    return planting && planting.plant === entry.true_plant
      ? { ...NOTHING, changed: [{ id: planting.id, fields: { plant: entry.of! } }] }
      : NOTHING;
  if (entry.what !== 'lost') return NOTHING;
  const apart = plantings.find((row) => row.id === entry.id);
  const again = { state: 'in-ground', lost_year: null } as const;
  if (apart)
    return planting && planting.state !== 'lost'
      ? {
          changed: [{ id: planting.id, fields: { count: planting.count + apart.count } }],
          added: [],
          removed: [apart.id],
        }
      : { ...NOTHING, changed: [{ id: apart.id, fields: again }] };
  return planting?.state === 'lost' ? { ...NOTHING, changed: [{ id: planting.id, fields: again }] } : NOTHING;
}
