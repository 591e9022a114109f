import type { Site, SiteFields } from '../../../core/model/garden';
import type { MeasureFields, Point, ThingFields, YardFields } from '../../../core/model/yard';
import type { Connection } from '../connection';
import { Fault } from '../faults';
import { record } from '../journal';
import { readRows } from '../tables';
import { mustRead, mustReadAt, newId, revised, type Known } from './reading';
import { restaked } from './sites';

/** Adds what stands in the yard; several at once are one change. Returns their ids. */
export function addThings(db: Connection, gardenId: string, things: readonly ThingFields[]): string[] {
  mustRead(db, 'garden', gardenId, gardenId);
  const label = things.length === 1 ? `Draw ${things[0]!.name}` : `Draw ${things.length} things`;
  const ids = things.map(newId);
  record(db, gardenId, label, ({ add }) => things.forEach((thing, i) => add('thing', { ...thing, id: ids[i]!, revision: 0 })));
  return ids;
}

export function updateThing(db: Connection, gardenId: string, known: Known, fields: ThingFields) {
  const { id, revision } = mustReadAt(db, 'thing', gardenId, known);
  record(db, gardenId, `Change ${fields.name}`, ({ update }) => update('thing', { ...fields, id, revision: revision + 1 }));
}

export function removeThing(db: Connection, gardenId: string, known: Known) {
  const thing = mustReadAt(db, 'thing', gardenId, known);
  record(db, gardenId, `Remove ${thing.name}`, ({ remove }) => remove('thing', thing.id));
}

/** Records a measurement and returns its id. */
export function addMeasure(db: Connection, gardenId: string, fields: MeasureFields, label: string): string {
  mustRead(db, 'site', gardenId, fields.site_id);
  const id = newId();
  record(db, gardenId, label, ({ add }) => add('measure', { ...fields, id, revision: 0 }));
  return id;
}

export function removeMeasure(db: Connection, gardenId: string, known: Known) {
  const row = mustReadAt(db, 'measure', gardenId, known);
  record(db, gardenId, 'Delete a measurement', ({ remove }) => remove('measure', row.id));
}

/** A yard read from a file: its size and north, its things, and the beds drawn in it. */
export interface DrawnYard {
  yard: YardFields;
  things: ThingFields[];
  beds: { name: string; kind: Site['kind']; outline: Point[] }[];
}

/**
 * Imports a whole drawing as one change: its things replace those drawn before; beds are matched by name and given their
 * outlines, and those not known yet are made with `fresh` values.
 */
export function importDrawing(
  db: Connection,
  gardenId: string,
  drawn: DrawnYard,
  fresh: (bed: DrawnYard['beds'][number]) => SiteFields,
) {
  const garden = mustRead(db, 'garden', gardenId, gardenId);
  const sites = readRows(db, 'site', gardenId);
  for (const bed of drawn.beds) {
    const known = sites.find((site) => site.name === bed.name);
    if (known && known.kind !== bed.kind)
      throw new Fault(422, `${bed.name} is a ${known.kind} here and a ${bed.kind} in the file.`);
  }
  record(db, gardenId, 'Import a drawing', ({ add, update, remove }) => {
    update('garden', revised(garden, { yard: { ...drawn.yard, underlay: garden.yard?.underlay ?? null } }));
    for (const thing of readRows(db, 'thing', gardenId)) remove('thing', thing.id);
    for (const thing of drawn.things) add('thing', { ...thing, id: newId(), revision: 0 });
    for (const bed of drawn.beds) {
      const known = sites.find((site) => site.name === bed.name);
      if (known) {
        for (const row of restaked(db, gardenId, known, bed.outline)) update('planting', row);
        update('site', revised(known, { outline: bed.outline }));
      } else add('site', { ...fresh(bed), id: newId(), revision: 0 });
    }
  });
}
