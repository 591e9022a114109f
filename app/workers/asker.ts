import { expose } from 'comlink';
import { gardenHere } from '~~/core/garden/here';
import type { GardenRecords } from '~~/core/model/garden';
import type { Library } from '~~/core/model/reference';
import { askOf, type Ask } from '~~/core/plan/asks/ask';
import { firstSetInSteps, type FirstSet } from '~~/core/plan/asks/first-set';

/** What the creatures of a place would ask, beside the page; the page stops it by ending the worker. */
const asker = {
  /** The first set, with how many creatures were looked at so far. */
  first(library: Library, records: GardenRecords, take: (done: number) => void): FirstSet {
    const here = gardenHere(records, library);
    const steps = firstSetInSteps(here.asking, here.garden);
    for (let done = 0; ; done++) {
      const step = steps.next();
      if (step.done) return step.value;
      take(done);
    }
  },
  /** What each of some creatures would ask of the plan as it is, one after the other. */
  each(library: Library, records: GardenRecords, targets: readonly string[], take: (ask: Ask) => void) {
    const { asking } = gardenHere(records, library);
    for (const target of targets) take(askOf(asking, target));
  },
};
export type Asker = typeof asker;

expose(asker);
