import { GardenTarget, Planting, Site, type GardenThen } from '../../core/model/garden';
import type { Connection } from './connection';
import { readGarden } from './gardens';
import { changesSince } from './journal';

/**
 * A garden as it stood at a moment (ISO), or before its last change: what is kept now with the changes since then taken
 * back. A change that was undone meanwhile counts as never made.
 */
export function gardenAsOf(db: Connection, id: string, moment: string | 'last-change'): GardenThen {
  return db.transaction(() => {
    const now = readGarden(db, id);
    const entries = changesSince(db, id, moment);
    const rows = {
      garden: new Map<string, unknown>([[id, now.garden]]),
      site: new Map<string, unknown>(now.sites.map((row) => [row.id, row])),
      garden_target: new Map<string, unknown>(now.targets.map((row) => [row.id, row])),
      plan: new Map<string, unknown>(now.plans.map((row) => [row.id, row])),
      planting: new Map<string, unknown>(now.plantings.map((row) => [row.id, row])),
    };
    for (const { changes } of entries)
      for (const { table, id: rowId, before } of [...changes].reverse()) {
        const of = rows[table as keyof typeof rows];
        if (!of) continue;
        // A row remembered before a column came leaves it as it is now.
        if (before) of.set(rowId, { ...(of.get(rowId) as object | undefined), ...before });
        else of.delete(rowId);
      }
    const begun = db.prepare('SELECT created_at FROM garden WHERE id = ?').pluck().get(id) as string;
    return {
      garden: rows.garden.get(id) as GardenThen['garden'],
      // Rows that are gone now may lack columns that came since: the schema knows what stands for them.
      sites: [...rows.site.values()].map((row) => Site.parse(row)),
      targets: [...rows.garden_target.values()].map((row) => GardenTarget.parse(row)),
      plans: [...rows.plan.values()] as GardenThen['plans'],
      plantings: [...rows.planting.values()].map((row) => Planting.parse(row)),
      changes: entries.map((entry) => entry.label),
      begun,
    };
  })();
}
