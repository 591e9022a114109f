import { offersInSteps, type Offers } from '~~/core/coverage/offers/offers';
import { timingInSteps, type TimingOffer } from '~~/core/coverage/offers/timing';
import type { Change } from '~~/core/coverage/offers/change';
import type { Steps } from '~~/core/model/steps';
import type { GardenHere } from '~~/core/garden/here';
import type { SpecialNeed, Stage } from '~~/core/model/vocabulary';
import type { PlanWishes } from '~~/core/model/wishes';
import { gardenWith, type Judged } from '~~/core/plan/planner/proposal';
import { keptOf } from '~~/core/plan/planner/question';
import { purposesInSteps, type Purpose } from '~~/core/plan/purpose';

/** Which need of which target is asked about. */
export interface NeedAsked {
  target: string;
  stage: Stage;
  special: SpecialNeed | null;
}
export interface NeedAdvice extends Offers {
  /** Cuts and sowings that close it: they need no new bed. */
  timed: Omit<TimingOffer, 'covered'>[];
}

const MOST_TIMED = 2;

/**
 * What would serve a garden better, and what its plants are there for: found by trying one change after the other, each a
 * step.
 */
export function adviceOn(here: GardenHere) {
  const { input, covered, year } = here;
  const needOf = ({ target, stage, special }: NeedAsked) =>
    covered.targets
      .find((row) => row.target === target)
      ?.needs.find((row) => row.need.stage === stage && row.need.special === special);
  return {
    /** What would serve a need. */
    *forNeed(asked: NeedAsked): Steps<NeedAdvice> {
      const need = needOf(asked);
      if (!need) return { offers: [], nearMisses: [], timed: [] };
      // A year that is over, or not yet grown, is looked at and not planted.
      const timed = year === null ? yield* timingInSteps(input, asked.target, need, ['cut', 'sow']) : [];
      return {
        ...(yield* offersInSteps(input, asked.target, need)),
        timed: timed
          .filter((offer) => offer.closes)
          .slice(0, MOST_TIMED)
          .map(({ covered: _all, ...offer }) => offer),
      };
    },
    /** The first change that would close a need, a cut before all others. */
    *bestFor(asked: NeedAsked): Steps<Change | null> {
      const need = needOf(asked);
      if (!need) return null;
      const cut = (yield* timingInSteps(input, asked.target, need, ['cut'])).find((offer) => offer.closes);
      if (cut) return cut.change;
      const { offers } = yield* offersInSteps(input, asked.target, need);
      return offers.find((offer) => offer.closes)?.change ?? null;
    },
    /** What each plant of a proposal is there for, by `proposed <plant> <site>`. */
    *purposes(wishes: PlanWishes, judged: Judged): Steps<Map<string, Purpose>> {
      const question = here.questionOf(wishes);
      return yield* purposesInSteps(
        gardenWith(question, keptOf(question), judged.proposed),
        judged.covered,
        judged.proposed.plants.map((row) => `proposed ${row.plant} ${row.site_id}`),
      );
    },
  };
}
export type Advice = ReturnType<typeof adviceOn>;
/** What is found by one of its questions. */
export type Found<Name extends keyof Advice> = ReturnType<Advice[Name]> extends Steps<infer T> ? T : never;
