import { PLANNED, type Plan, type Planting, type PlantingFields, type Site } from '../../core/model/garden';
import type { Feature } from '../../core/model/vocabulary';
import type { PlanWishes } from '../../core/model/wishes';
import type { Connection } from './connection';
import { Fault } from './faults';
import { mustRead, newId, revised } from './gardens';
import { record } from './journal';
import { readRows } from './tables';

/** What a proposal changes in the current plan: plantings that go, plants and features that come. */
export interface Taking {
  label: string;
  out: readonly string[];
  plants: readonly Pick<PlantingFields, 'plant' | 'site_id' | 'count'>[];
  features: readonly { feature: Feature; site_id: string }[];
}

/**
 * Carries a proposal, or part of one, into the current plan as one change: plans that go are removed, plants that grow
 * are marked as removed, and what comes is added to a planned planting of the same kind or as a new one.
 */
export function takeProposal(db: Connection, gardenId: string, { label, out, plants, features }: Taking) {
  mustRead(db, 'garden', gardenId, gardenId, 'garden');
  const plan = readRows(db, 'plan', gardenId).find((row) => row.current)!;
  const rows = readRows(db, 'planting', gardenId) as unknown as Planting[];
  const going = out.map((id) => {
    const row = rows.find((planting) => planting.id === id && planting.plan_id === plan.id);
    if (!row) throw new Fault(409, 'The plan has changed since this was proposed. Propose again.');
    if (row.locked) throw new Fault(409, 'A planting that is to go has been locked since this was proposed. Propose again.');
    return row;
  });
  const thisYear = new Date().getFullYear();
  record(db, gardenId, label, ({ write, remove }) => {
    for (const row of going)
      if (row.state === 'planned') remove('planting', row.id);
      else write('planting', { ...row, state: 'removed', lost_year: thisYear, revision: row.revision + 1 });
    const left = new Map(
      rows
        .filter((row) => row.plan_id === plan.id && row.state === 'planned' && !row.sow_on && !out.includes(row.id))
        .map((row) => [`${row.plant} ${row.site_id}`, row]),
    );
    for (const { plant, site_id, count } of plants) {
      mustRead(db, 'site', gardenId, site_id, 'bed');
      const same = left.get(`${plant} ${site_id}`);
      if (same) write('planting', { ...same, count: same.count + count, revision: same.revision + 1 });
      else
        write('planting', {
          id: newId(),
          revision: 0,
          plan_id: plan.id,
          plant,
          site_id,
          count,
          ...PLANNED,
        });
    }
    const bySite = new Map<string, Feature[]>();
    for (const { feature, site_id } of features) bySite.set(site_id, [...(bySite.get(site_id) ?? []), feature]);
    for (const [id, added] of bySite) {
      const site = mustRead(db, 'site', gardenId, id, 'bed') as unknown as Site;
      write('site', { ...site, features: [...new Set([...site.features, ...added])], revision: site.revision + 1 });
    }
  });
}

/** A plan beside the current one: its name, and how it differs from the current plan. */
export interface KeptPlan {
  name: string;
  out: readonly string[];
  plants: readonly Pick<PlantingFields, 'plant' | 'site_id' | 'count'>[];
}

/** Keeps a plan beside the current one: a copy of it without what goes and with what comes. Returns its id. */
export function keepPlan(db: Connection, gardenId: string, { name, out, plants }: KeptPlan): string {
  mustRead(db, 'garden', gardenId, gardenId, 'garden');
  const plans = readRows(db, 'plan', gardenId) as unknown as Plan[];
  const current = plans.find((row) => row.current)!;
  if (plans.some((row) => row.name === name)) throw new Fault(409, `There is a plan “${name}” already. Give it another name.`);
  const rows = (readRows(db, 'planting', gardenId) as unknown as Planting[]).filter((row) => row.plan_id === current.id);
  if (out.some((id) => !rows.some((row) => row.id === id)))
    throw new Fault(409, 'The plan has changed since this was proposed. Propose again.');
  const id = newId();
  record(db, gardenId, `Keep the plan “${name}”`, ({ write }) => {
    write('plan', { id, revision: 0, name, current: false, wishes: current.wishes });
    for (const row of rows) if (!out.includes(row.id)) write('planting', { ...row, id: newId(), revision: 0, plan_id: id });
    for (const { plant, site_id, count } of plants) {
      mustRead(db, 'site', gardenId, site_id, 'bed');
      write('planting', { ...PLANNED, id: newId(), revision: 0, plan_id: id, plant, site_id, count });
    }
  });
  return id;
}

/** Makes another plan the current one; what was current is kept beside it. */
export function makeCurrent(db: Connection, gardenId: string, id: string) {
  const plan = mustRead(db, 'plan', gardenId, id, 'plan') as unknown as Plan;
  const before = (readRows(db, 'plan', gardenId) as unknown as Plan[]).find((row) => row.current)!;
  if (before.id === id) return;
  record(db, gardenId, `Go by the plan “${plan.name}”`, ({ write }) => {
    // One is current at a time, also between the two writes.
    write('plan', { ...before, current: false, revision: before.revision + 1 });
    write('plan', { ...plan, current: true, revision: plan.revision + 1 });
  });
}

export function renamePlan(db: Connection, gardenId: string, id: string, revision: number, name: string) {
  if ((readRows(db, 'plan', gardenId) as unknown as Plan[]).some((row) => row.name === name && row.id !== id))
    throw new Fault(409, `There is a plan “${name}” already. Give it another name.`);
  record(db, gardenId, `Call a plan “${name}”`, ({ write }) =>
    write('plan', revised(db, 'plan', gardenId, id, revision, { name }, 'plan')),
  );
}

/** Removes a plan that is kept beside, with its plantings. */
export function removePlan(db: Connection, gardenId: string, id: string) {
  const plan = mustRead(db, 'plan', gardenId, id, 'plan') as unknown as Plan;
  if (plan.current) throw new Fault(409, 'The plan you go by cannot be removed. Go by another one first.');
  record(db, gardenId, `Remove the plan “${plan.name}”`, ({ remove }) => {
    for (const row of readRows(db, 'planting', gardenId)) if (row.plan_id === id) remove('planting', row.id);
    remove('plan', id);
  });
}

/** Keeps what the gardener wishes of proposals with the plan. */
export function updateWishes(db: Connection, gardenId: string, id: string, revision: number, wishes: PlanWishes) {
  const plan = mustRead(db, 'plan', gardenId, id, 'plan') as unknown as Plan;
  record(db, gardenId, `Change what ${plan.name} is wished for`, ({ write }) =>
    write('plan', revised(db, 'plan', gardenId, id, revision, { wishes }, 'plan')),
  );
}
