import type { EntryFields } from '../../core/model/log';
import { isPlantNote, isSighting } from '../../core/model/vocabulary';
import type { Library } from '../../core/model/reference';
import { Fault } from '../database/faults';

/** Entries may only speak of creatures and plants that the library knows; a 422 fault that names the first unknown one. */
export function mustKnowNames(entries: readonly EntryFields[], { targets, plants }: Pick<Library, 'targets' | 'plants'>) {
  const creatures = new Set(targets.map((row) => row.id));
  const grown = new Set(plants.map((row) => row.id));
  entries.forEach((entry, i) => {
    const know = (field: 'of' | 'plant' | 'true_plant', known: ReadonlySet<string>, what: string) => {
      const id = entry[field];
      if (id === null || known.has(id)) return;
      const message = `The library has no ${what} “${id}”${entries.length > 1 ? ` (entry ${i + 1})` : ''}.`;
      throw new Fault(422, message, { fields: { [field]: message } });
    };
    if (isSighting(entry.what)) know('of', creatures, 'creature');
    if (isPlantNote(entry.what)) know('of', grown, 'plant');
    know('plant', grown, 'plant');
    know('true_plant', grown, 'plant');
  });
}
