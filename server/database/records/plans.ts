import type { Plan, PlantingFields } from '../../../core/model/garden';
import { PLANNED } from '../../../core/model/states';
import type { Feature } from '../../../core/model/vocabulary';
import type { PlanWishes } from '../../../core/model/wishes';
import type { Connection } from '../connection';
import { Fault } from '../faults';
import { record } from '../journal';
import { readRows } from '../tables';
import { mustRead, mustReadAt, newId, revised, type Known } from './reading';

/** The plan that counts. Every garden has exactly one. */
export const currentPlan = (db: Connection, gardenId: string): Plan => readRows(db, 'plan', gardenId).find((row) => row.current)!;

/** Plants added to a plan by a proposal. */
type Added = Pick<PlantingFields, 'plant' | 'site_id' | 'count'>;

function mustHaveSites(db: Connection, gardenId: string, ids: Iterable<string>) {
  for (const id of new Set(ids)) mustRead(db, 'site', gardenId, id);
}

/** What a proposal changes in the current plan: plantings that go, plants and features that come. */
export interface Taking {
  label: string;
  out: readonly string[];
  plants: readonly Added[];
  features: readonly { feature: Feature; site_id: string }[];
}

/**
 * Carries a proposal, or part of one, into the current plan as one change: plans that go are removed, plants that grow
 * are marked as removed in `year`, and what comes is added to a planned planting of the same kind or as a new one.
 */
export function takeProposal(db: Connection, gardenId: string, { label, out, plants, features }: Taking, year: number) {
  mustRead(db, 'garden', gardenId, gardenId);
  mustHaveSites(
    db,
    gardenId,
    [...plants, ...features].map((row) => row.site_id),
  );
  const plan = currentPlan(db, gardenId);
  const rows = readRows(db, 'planting', gardenId).filter((row) => row.plan_id === plan.id);
  const byId = new Map(rows.map((row) => [row.id, row]));
  const going = new Set(out);
  for (const id of going) {
    const row = byId.get(id);
    if (!row) throw new Fault(409, 'The plan has changed since this was proposed. Propose again.');
    if (row.locked) throw new Fault(409, 'A planting that is to go has been locked since this was proposed. Propose again.');
  }
  record(db, gardenId, label, ({ add, update, remove }) => {
    for (const row of rows.filter(({ id }) => going.has(id)))
      if (row.state === 'planned') remove('planting', row.id);
      else update('planting', revised(row, { state: 'removed', lost_year: year }));
    const planned = rows.filter((row) => row.state === 'planned' && !row.sow_on && !going.has(row.id));
    const same = new Map(planned.map((row) => [`${row.plant} ${row.site_id}`, row]));
    for (const { plant, site_id, count } of plants) {
      const key = `${plant} ${site_id}`;
      const known = same.get(key);
      const row = known
        ? revised(known, { count: known.count + count })
        : { ...PLANNED, id: newId(), revision: 0, plan_id: plan.id, plant, site_id, count };
      if (known) update('planting', row);
      else add('planting', row);
      same.set(key, row);
    }
    for (const id of new Set(features.map((row) => row.site_id))) {
      const site = mustRead(db, 'site', gardenId, id);
      const added = features.filter((row) => row.site_id === id).map((row) => row.feature);
      update('site', revised(site, { features: [...new Set([...site.features, ...added])] }));
    }
  });
}

/** A further plan of a garden: its name, and how it differs from the current one. */
export interface FurtherPlan {
  name: string;
  out: readonly string[];
  plants: readonly Added[];
}

function mustBeFree(db: Connection, gardenId: string, name: string, but?: string) {
  if (readRows(db, 'plan', gardenId).some((row) => row.name === name && row.id !== but))
    throw new Fault(409, `There is a plan “${name}” already. Give it another name.`);
}

/** Saves a further plan: a copy of the current one without what goes and with what comes. Returns its id. */
export function savePlan(db: Connection, gardenId: string, { name, out, plants }: FurtherPlan): string {
  mustRead(db, 'garden', gardenId, gardenId);
  mustBeFree(db, gardenId, name);
  mustHaveSites(
    db,
    gardenId,
    plants.map((row) => row.site_id),
  );
  const current = currentPlan(db, gardenId);
  const rows = readRows(db, 'planting', gardenId).filter((row) => row.plan_id === current.id);
  const ids = new Set(rows.map((row) => row.id));
  if (out.some((id) => !ids.has(id))) throw new Fault(409, 'The plan has changed since this was proposed. Propose again.');
  const going = new Set(out);
  const id = newId();
  record(db, gardenId, `Save the plan “${name}”`, ({ add }) => {
    add('plan', { id, revision: 0, name, current: false, wishes: current.wishes });
    for (const row of rows) if (!going.has(row.id)) add('planting', { ...row, id: newId(), revision: 0, plan_id: id });
    for (const { plant, site_id, count } of plants)
      add('planting', { ...PLANNED, id: newId(), revision: 0, plan_id: id, plant, site_id, count });
  });
  return id;
}

/** Makes another plan the current one; what was current stays as a further plan. */
export function makeCurrent(db: Connection, gardenId: string, known: Known) {
  const plan = mustReadAt(db, 'plan', gardenId, known);
  const before = currentPlan(db, gardenId);
  if (before.id === plan.id) return;
  record(db, gardenId, `Make “${plan.name}” the current plan`, ({ update }) => {
    // One is current at a time, also between the two writes.
    update('plan', revised(before, { current: false }));
    update('plan', revised(plan, { current: true }));
  });
}

export function renamePlan(db: Connection, gardenId: string, known: Known, name: string) {
  const plan = mustReadAt(db, 'plan', gardenId, known);
  mustBeFree(db, gardenId, name, plan.id);
  record(db, gardenId, `Rename a plan to “${name}”`, ({ update }) => update('plan', revised(plan, { name })));
}

/** Removes a further plan with its plantings. */
export function removePlan(db: Connection, gardenId: string, known: Known) {
  const plan = mustReadAt(db, 'plan', gardenId, known);
  if (plan.current) throw new Fault(409, 'The current plan cannot be removed. Make another one current first.');
  record(db, gardenId, `Remove the plan “${plan.name}”`, ({ remove }) => {
    for (const row of readRows(db, 'planting', gardenId)) if (row.plan_id === plan.id) remove('planting', row.id);
    remove('plan', plan.id);
  });
}

/** Saves with a plan what the gardener wishes of proposals for it. */
export function updateWishes(db: Connection, gardenId: string, known: Known, wishes: PlanWishes) {
  const plan = mustReadAt(db, 'plan', gardenId, known);
  record(db, gardenId, `Change the wishes of ${plan.name}`, ({ update }) => update('plan', revised(plan, { wishes })));
}
