import { expose } from 'comlink';
import { gardenHere } from '~~/core/garden/here';
import { layoutOf, type Leaves } from '~~/core/garden/layout-here';
import { arrangeInSteps, type LayoutProgress } from '~~/core/layout/arrange';
import type { GardenRecords } from '~~/core/model/garden';
import type { Library } from '~~/core/model/reference';

/** What crosses to the worker: records only; what follows from them is calculated there again. */
export interface LayoutAsked {
  /** The shipped library. */
  library: Library;
  records: GardenRecords;
  site: string;
  leaves: Leaves;
  /** How often this bed was arranged before: another answer each time, the same each time it is asked so. */
  again: number;
}

/** Arranges a bed while the page goes on; the page stops it by ending the worker and keeps the best so far. */
const layouter = {
  arrange({ library, records, site, leaves, again }: LayoutAsked, take: (progress: LayoutProgress) => void): LayoutProgress {
    const steps = arrangeInSteps(layoutOf(gardenHere(records, library), site, leaves), again);
    for (;;) {
      const step = steps.next();
      if (step.done) return step.value;
      take(step.value);
    }
  },
};
export type Layouter = typeof layouter;

expose(layouter);
