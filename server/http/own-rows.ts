import { checkRows } from '../../core/library/check';
import { malformed, withOwn } from '../../core/library/own';
import type { GardenRecords, OwnRowFields } from '../../core/model/garden';
import type { Library } from '../../core/model/reference';
import type { Connection } from '../database/connection';
import { Fault } from '../database/faults';
import { listGardens } from '../database/records/gardens';
import { readRecords } from '../database/records/reading';

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

/** Refuses rows with cells that cannot be; a 422 fault beside the first of them, by its place in the `list` that was sent. */
export function mustBeFormed(rows: readonly OwnRowFields[], list: 'rows' | 'own') {
  rows.forEach((row, i) => {
    const [first] = Object.values(malformed(row));
    if (first) throw new Fault(422, `${row.key}: ${first}`, { fields: { [`${list}.${i}`]: first } });
  });
}

/** Refuses rows that are malformed or would contradict the library they are laid over; a 422 fault says what. */
export function mustLay(library: Library, rows: readonly OwnRowFields[]) {
  mustBeFormed(rows, 'rows');
  const before = new Set(checkRows(library).map(({ file, about, message }) => file + about + message));
  const broken = checkRows(withOwn(library, rows)).find(({ file, about, message }) => !before.has(file + about + message));
  if (broken) throw new Fault(422, `That cannot stand: ${broken.about}: ${broken.message}`);
}

/** Refuses a library of this installation in which some garden would be left with a plant or creature that it does not know. */
export function mustStandEverywhere(db: Connection, library: Library) {
  for (const { id, name } of listGardens(db)) {
    const records = readRecords(db, id);
    try {
      mustStand(library, records.own, records);
    } catch (error) {
      if (error instanceof Fault) throw new Fault(409, `${name}: ${error.message}`);
      throw error;
    }
  }
}
