import type { SiteFields } from '../../../core/model/garden';
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
  record(db, gardenId, `Change ${fields.name}`, ({ update }) => update('site', revised(site, fields)));
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
