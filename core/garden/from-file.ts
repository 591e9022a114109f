import { datesOf } from '../log/dates';
import { entriesOf } from '../log/earlier';
import type { GardenFields, GardenFile, GardenRecords } from '../model/garden';

/** The records of a garden as its file gives them, without a database: rows that have no id in the file are numbered. */
export function recordsOf(file: GardenFile): GardenRecords {
  const numbered = <T extends object>(rows: readonly T[], of: string) =>
    rows.map((row, i) => ({ ...row, id: `${of}-${i + 1}`, revision: 0 }));
  const stored = <T extends object>(row: T) => ({ ...row, revision: 0 });
  return {
    garden: stored(file.garden),
    sites: file.sites.map(stored),
    targets: numbered(file.targets, 'target'),
    plans: file.plans.map(stored),
    plantings: file.plantings.map(stored),
    own: numbered(file.own, 'own'),
    things: numbered(file.things, 'thing'),
    measures: numbered(file.measures, 'measure'),
    seen: datesOf(entriesOf(file)),
    work: numbered(file.work, 'work'),
    weather: numbered(file.weather, 'weather'),
    batches: file.batches.map(stored),
    cases: file.cases.map(stored),
  };
}

/** The records of a garden that is only thought of so far: its place, an empty plan and nothing else. */
export function recordsOfNew(fields: GardenFields): GardenRecords {
  return {
    garden: { ...fields, id: 'new', revision: 0 },
    plans: [{ id: 'plan', name: 'Plan', current: true, wishes: null, revision: 0 }],
    sites: [],
    targets: [],
    plantings: [],
    own: [],
    things: [],
    measures: [],
    seen: [],
    work: [],
    weather: [],
    batches: [],
    cases: [],
  };
}
