import loadHighs, { type Highs } from 'highs';
import { beforeAll, describe, expect, it } from 'vitest';
import { coverage } from '../../coverage/coverage';
import { FRESH_WISHES } from '../../model/fresh-wishes';
import type { PlanWishes } from '../../model/wishes';
import { demoGarden } from '../../../scripts/demo-gardens';
import { readLibrary } from '../../../scripts/reference-files';
import { problemOf } from './problem';
import { gardenWith } from './proposal';
import { keptOf, type PlanQuestion } from './question';
import { brokenRules } from '../../testing/plan-rules';
import { solvePlan } from './solve';
import { compareWorth, type Worth } from './worth';

const { library } = readLibrary();
let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});

const questionOf = (name: string, wishes: Partial<PlanWishes>): PlanQuestion =>
  demoGarden(name, library).questionOf({ ...FRESH_WISHES, ...wishes });

describe('over the whole library', () => {
  it.each<[string, string, Partial<PlanWishes>]>([
    ['the pond garden as it grows', 'kettle-pond-commons', {}],
    ['the pond garden from bare soil', 'kettle-pond-commons', { keep: 'bare' }],
    ['with forty to spend', 'kettle-pond-commons', { budget_minor: 4000 }],
    ['the wash, low and scattered', 'juniper-wash', { keep: 'bare', layout: 'scattered', tallest_cm: { wash: 100 } }],
    ['the wash, with many kinds', 'juniper-wash', { kinds: 'many' }],
    ['the balcony', 'fourth-floor-brickyard-row', {}],
    [
      'the balcony, with little care and in two colours',
      'fourth-floor-brickyard-row',
      { care: 'much', colours: ['blue', 'purple'] },
    ],
  ])(
    '%s: the plan keeps every rule, is what coverage says, and is no worse than the greedy one',
    (_, name, wishes) => {
      const question = questionOf(name, wishes);
      const shown: Worth[] = [];
      const { best, greedy } = solvePlan(highs, problemOf(question), {
        seconds: Infinity,
        nodes: 1,
        now: () => performance.now() / 1000,
        take: (progress) => {
          shown.push(progress.best.worth);
          expect(brokenRules(question, progress.best.proposed)).toEqual([]);
        },
      });
      expect(brokenRules(question, best.proposed)).toEqual([]);
      expect(coverage(gardenWith(question, keptOf(question), best.proposed))).toEqual(best.covered);
      expect(best.covered.faults).toEqual([]);
      expect(compareWorth(best.worth, greedy.worth)).toBeGreaterThanOrEqual(0);
      // What is shown never gets worse.
      shown.slice(1).forEach((worth, i) => expect(compareWorth(worth, shown[i]!)).toBeGreaterThanOrEqual(0));
    },
    120_000,
  );
});
