import type { Site, SiteFields } from '../../../core/model/garden';
import { frameShift } from '../../../core/place/beds/frame';
import type { Connection } from '../connection';
import { record } from '../journal';
import { readRows } from '../tables';
import { mustRead, mustReadAt, newId, revised, type Known } from './reading';

/** Adds a bed or container and returns its id. */
export function addSite(db: Connection, gardenId: string, fields: SiteFields): string {
  mustRead(db, 'garden', gardenId, gardenId);
  const id = newId();
  record(db, gardenId, `Add ${fields.name}`, ({ add }) => add('site', { ...fields, id, revision: 0 }));
  return id;
}

export function updateSite(db: Connection, gardenId: string, known: Known, fields: SiteFields) {
  const site = mustReadAt(db, 'site', gardenId, known);
  record(db, gardenId, `Change ${fields.name}`, ({ update }) => {
    for (const row of restaked(db, gardenId, site, fields.outline)) update('planting', row);
    update('site', revised(site, fields));
  });
}

/** The plantings of a site whose outline changes, with their places as they are counted then: on the ground they stay. */
export function restaked(db: Connection, gardenId: string, { id, outline }: Pick<Site, 'id' | 'outline'>, next: Site['outline']) {
  const [dx, dy] = frameShift(outline, next);
  if (dx === 0 && dy === 0) return [];
  const millimetres = (m: number) => Number(m.toFixed(3));
  return readRows(db, 'planting', gardenId)
    .filter((row) => row.site_id === id && row.spots.length > 0)
    .map((row) =>
      revised(row, { spots: row.spots.map((spot) => ({ ...spot, x: millimetres(spot.x + dx), y: millimetres(spot.y + dy) })) }),
    );
}

/** Removes a bed with what is planted and was measured there. */
export function removeSite(db: Connection, gardenId: string, known: Known) {
  const site = mustReadAt(db, 'site', gardenId, known);
  record(db, gardenId, `Remove ${site.name}`, ({ remove }) => {
    // The bed goes last, so that undo brings it first and what belongs to it has where to stand.
    for (const table of ['planting', 'measure'] as const)
      for (const row of readRows(db, table, gardenId)) if (row.site_id === site.id) remove(table, row.id);
    remove('site', site.id);
  });
}
