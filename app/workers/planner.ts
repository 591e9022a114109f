import loadHighs from 'highs';
import wasm from 'highs/runtime?url';
import { expose } from 'comlink';
import { gardenHere } from '~~/core/garden/here';
import type { GardenRecords } from '~~/core/model/garden';
import type { Library } from '~~/core/model/reference';
import type { PlanWishes } from '~~/core/model/wishes';
import { alternative, type Spirit } from '~~/core/plan/planner/alternatives';
import { problemOf } from '~~/core/plan/planner/problem';
import type { Judged } from '~~/core/plan/planner/proposal';
import type { PlanQuestion } from '~~/core/plan/planner/question';
import { shortfallFor, type Shortfall } from '~~/core/plan/planner/shortfall';
import { solvePlan, type Outcome, type Progress } from '~~/core/plan/planner/solve';
import { SETTINGS } from '~~/core/settings';

/** What crosses to the worker: records only; what follows from them is calculated there again. */
export interface Asked {
  /** The shipped library. */
  library: Library;
  records: GardenRecords;
  year: number | null;
  wishes: PlanWishes;
}

let question: PlanQuestion | null = null;
const solver = loadHighs({ locateFile: () => wasm });
const { effort, shortfall } = SETTINGS.planner;
const now = () => performance.now() / 1000;

/** Searches for plans while the page goes on; the page stops it by ending the worker and keeps the best plan so far. */
const planner = {
  ask({ library, records, year, wishes }: Asked) {
    question = gardenHere(records, library, { year }).questionOf(wishes);
  },
  async propose(take: (progress: Progress) => void): Promise<Outcome> {
    return solvePlan(await solver, problemOf(question!), { ...effort[question!.wishes.effort], now, take });
  },
  async alternative(spirit: Spirit, first: Judged): Promise<Judged | null> {
    return alternative(await solver, question!, spirit, first, SETTINGS.planner.alternative);
  },
  async shortfall(target: string, judged: Judged): Promise<Shortfall> {
    return shortfallFor(await solver, question!, target, judged, shortfall);
  },
};
export type Planner = typeof planner;

expose(planner);
