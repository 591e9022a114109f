import loadHighs from 'highs';
import wasm from 'highs/runtime?url';
import { expose } from 'comlink';
import { almanacFor } from '~~/core/almanac/almanac';
import type { Garden, GardenTarget, Planting, Site } from '~~/core/model/garden';
import type { Seen } from '~~/core/model/seen';
import type { Library } from '~~/core/model/reference';
import type { PlantSize } from '~~/core/model/vocabulary';
import type { PlanWishes } from '~~/core/model/wishes';
import { alternative, type Spirit } from '~~/core/planner/alternatives';
import { problemOf } from '~~/core/planner/problem';
import type { Judged } from '~~/core/planner/proposal';
import type { PlanQuestion } from '~~/core/planner/question';
import { shortfallFor, type Shortfall } from '~~/core/planner/shortfall';
import { solvePlan, type Outcome, type Progress } from '~~/core/planner/solve';
import type { OwnPrices } from '~~/core/shopping/sizes';

/** What crosses to the worker: records only; the almanac is made anew there. */
export interface Asked {
  library: Library;
  seen: Seen[];
  garden: Garden;
  sites: Site[];
  targets: GardenTarget[];
  plantings: Planting[];
  wishes: PlanWishes;
  prices: OwnPrices;
  sizes: Record<string, PlantSize>;
}

let question: PlanQuestion | null = null;
const solver = loadHighs({ locateFile: () => wasm });
const now = () => performance.now() / 1000;

/** Looks for plans beside the page; the page stops it by ending the worker and keeps the best plan it was told of. */
const planner = {
  ask({ library, garden, seen, ...rest }: Asked) {
    question = { ...rest, garden, almanac: almanacFor(library, garden, seen) };
  },
  async propose(seconds: number, take: (progress: Progress) => void): Promise<Outcome> {
    return solvePlan(await solver, problemOf(question!), { seconds, now, take });
  },
  async alternative(
    spirit: Spirit,
    others: Judged[],
    seconds: number,
    take: (progress: Progress) => void,
  ): Promise<Judged | null> {
    return alternative(await solver, question!, spirit, others, { seconds, now, take });
  },
  async shortfall(target: string, closing: string[], seconds: number): Promise<Shortfall> {
    return shortfallFor(await solver, question!, target, closing, { seconds, now });
  },
};
export type Planner = typeof planner;

expose(planner);
