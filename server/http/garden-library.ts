import { checkRows } from '../../core/library/check';
import { withOwn } from '../../core/library/own';
import type { GardenState, OwnRowFields } from '../../core/model/garden';
import type { Library } from '../../core/model/reference';
import { Fault } from '../database/faults';
import { readGarden } from '../database/gardens';
import type { Store } from '../database/open';

/** The library as one garden sees it, its own rows laid over the shipped ones. */
export function gardenLibrary({ db, library }: Store, gardenId: string): Library {
  return withOwn(library, readGarden(db, gardenId).own);
}

/** Refuses a set of own rows without which, or with which, something would hang in the air; a 409 fault says what. */
export function mustStand(library: Library, own: readonly OwnRowFields[], garden: Pick<GardenState, 'targets' | 'plantings'>) {
  const laid = withOwn(library, own);
  const [broken] = checkRows(laid);
  if (broken) throw new Fault(409, `That cannot stand: ${broken.about}: ${broken.message}`);
  const plants = new Set(laid.plants.map((row) => row.id));
  const targets = new Set(laid.targets.map((row) => row.id));
  const planted = garden.plantings.find((row) => !plants.has(row.plant));
  if (planted) throw new Fault(409, `${planted.plant} is planted in this garden: take it out of the plan first.`);
  const chosen = garden.targets.find((row) => !targets.has(row.target));
  if (chosen) throw new Fault(409, `${chosen.target} is among this garden’s targets: let it go first.`);
}
