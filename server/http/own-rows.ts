import { checkRows } from '../../core/library/check';
import { withOwn } from '../../core/library/own';
import type { GardenRecords, OwnRowFields } from '../../core/model/garden';
import type { Library } from '../../core/model/reference';
import { Fault } from '../database/faults';

/** Refuses own rows that would leave dangling references in the library or in the garden; a 409 fault says which. */
export function mustStand(shipped: Library, own: readonly OwnRowFields[], garden: Pick<GardenRecords, 'targets' | 'plantings'>) {
  const library = withOwn(shipped, own);
  const [broken] = checkRows(library);
  if (broken) throw new Fault(409, `That cannot stand: ${broken.about}: ${broken.message}`);
  const plants = new Set(library.plants.map((row) => row.id));
  const targets = new Set(library.targets.map((row) => row.id));
  const planted = garden.plantings.find((row) => !plants.has(row.plant));
  if (planted) throw new Fault(409, `${planted.plant} is planted in this garden: remove it from the plan first.`);
  const chosen = garden.targets.find((row) => !targets.has(row.target));
  if (chosen) throw new Fault(409, `${chosen.target} is among this garden’s targets: remove it there first.`);
}
