import { gardenHere, type GardenHere } from '../../core/garden/here';
import type { GardenRecords } from '../../core/model/garden';
import type { Library } from '../../core/model/reference';

/** So many gardens are held as calculations start from them. */
const MOST = 4;
/** The gardens asked for last, by the library they stand on. */
const held = new WeakMap<Library, Map<string, GardenHere>>();

/** A garden as every calculation starts from it: with what was calculated of it before, where its records say the same. */
export function hereOf(records: GardenRecords, library: Library): GardenHere {
  const known = held.get(library) ?? new Map<string, GardenHere>();
  held.set(library, known);
  const { id } = records.garden;
  const here = gardenHere(records, library, { before: known.get(id) ?? null });
  known.delete(id);
  known.set(id, here);
  if (known.size > MOST) known.delete(known.keys().next().value!);
  return here;
}
