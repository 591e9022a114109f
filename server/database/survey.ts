import type { Site, SiteFields } from '../../core/model/garden';
import type { MeasureFields, Point, ThingFields, YardFields } from '../../core/model/yard';
import type { Connection } from './connection';
import { Fault } from './faults';
import { mustRead, newId, revised } from './gardens';
import { record } from './journal';
import { readRows } from './tables';

/** Adds what stands in the yard; several at once are one change. */
export function addThings(db: Connection, gardenId: string, things: readonly ThingFields[]) {
  mustRead(db, 'garden', gardenId, gardenId, 'garden');
  const label = things.length === 1 ? `Draw ${things[0]!.name}` : `Draw ${things.length} things`;
  record(db, gardenId, label, ({ write }) => {
    for (const thing of things) write('thing', { ...thing, id: newId(), revision: 0 });
  });
}

export function updateThing(db: Connection, gardenId: string, id: string, revision: number, fields: ThingFields) {
  record(db, gardenId, `Change ${fields.name}`, ({ write }) =>
    write('thing', revised(db, 'thing', gardenId, id, revision, fields, 'thing in the yard')),
  );
}

export function removeThing(db: Connection, gardenId: string, id: string) {
  const thing = mustRead(db, 'thing', gardenId, id, 'thing in the yard');
  record(db, gardenId, `Remove ${thing.name}`, ({ remove }) => remove('thing', id));
}

export function addMeasure(db: Connection, gardenId: string, fields: MeasureFields, label: string) {
  mustRead(db, 'site', gardenId, fields.site_id, 'bed');
  record(db, gardenId, label, ({ write }) => write('measure', { ...fields, id: newId(), revision: 0 }));
}

export function removeMeasure(db: Connection, gardenId: string, id: string) {
  mustRead(db, 'measure', gardenId, id, 'measurement');
  record(db, gardenId, 'Strike a measurement', ({ remove }) => remove('measure', id));
}

/** A yard read from a file: its size and north, its things, and the beds drawn in it. */
export interface DrawnYard {
  yard: YardFields;
  things: ThingFields[];
  beds: { name: string; kind: Site['kind']; outline: Point[] }[];
}

/**
 * Takes a whole drawing in as one change: its things replace those drawn before; beds are matched by name and
 * given their outlines, and those not known yet are made with `fresh` values.
 */
export function takeDrawing(
  db: Connection,
  gardenId: string,
  drawn: DrawnYard,
  fresh: (bed: DrawnYard['beds'][number]) => SiteFields,
) {
  const garden = mustRead(db, 'garden', gardenId, gardenId, 'garden');
  const sites = readRows(db, 'site', gardenId) as unknown as Site[];
  for (const bed of drawn.beds) {
    const known = sites.find((site) => site.name === bed.name);
    if (known && known.kind !== bed.kind)
      throw new Fault(422, `${bed.name} is a ${known.kind} here and a ${bed.kind} in the file.`);
  }
  record(db, gardenId, 'Take a drawing in', ({ write, remove }) => {
    write('garden', {
      ...garden,
      yard: { ...drawn.yard, underlay: (garden.yard as YardFields | null)?.underlay ?? null },
      revision: garden.revision + 1,
    });
    for (const thing of readRows(db, 'thing', gardenId)) remove('thing', thing.id);
    for (const thing of drawn.things) write('thing', { ...thing, id: newId(), revision: 0 });
    for (const bed of drawn.beds) {
      const known = sites.find((site) => site.name === bed.name);
      write(
        'site',
        known ? { ...known, outline: bed.outline, revision: known.revision + 1 } : { ...fresh(bed), id: newId(), revision: 0 },
      );
    }
  });
}
