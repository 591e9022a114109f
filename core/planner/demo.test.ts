import { readFileSync } from 'node:fs';
import loadHighs, { type Highs } from 'highs';
import { beforeAll, describe, expect, it } from 'vitest';
import { almanacFor } from '../almanac/almanac';
import { coverage } from '../coverage/coverage';
import { GardenFile } from '../model/garden';
import { FRESH_WISHES, type PlanWishes } from '../model/wishes';
import { readLibrary } from '../../scripts/reference-files';
import { problemOf } from './problem';
import { gardenWith } from './proposal';
import { keptOf, type PlanQuestion } from './question';
import { brokenRules } from './rules';
import { solvePlan } from './solve';

const { library } = readLibrary();
let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});

function questionOf(name: string, wishes: Partial<PlanWishes>): PlanQuestion {
  const file = GardenFile.parse(JSON.parse(readFileSync(`demo/${name}.json`, 'utf8')));
  const garden = { ...file.garden, revision: 0 };
  return {
    almanac: almanacFor(library, garden),
    garden,
    sites: file.sites.map((row) => ({ ...row, revision: 0 })),
    targets: file.targets,
    plantings: file.plantings.map((row) => ({ ...row, revision: 0 })),
    wishes: { ...FRESH_WISHES, ...wishes },
    prices: {},
    sizes: {},
  };
}

describe('over the whole library', () => {
  it.each<[string, string, Partial<PlanWishes>]>([
    ['the pond garden as it grows', 'kettle-pond-commons', {}],
    ['the pond garden from bare soil', 'kettle-pond-commons', { keep: 'bare' }],
    ['with a hundred to spend', 'kettle-pond-commons', { keep: 'bare', budget_minor: 10_000 }],
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
      const told: number[] = [];
      const { best, greedy } = solvePlan(highs, problemOf(question), {
        seconds: 4,
        now: () => performance.now() / 1000,
        take: (progress) => {
          told.push(progress.best.worth);
          expect(brokenRules(question, progress.best.proposed)).toEqual([]);
        },
      });
      expect(brokenRules(question, best.proposed)).toEqual([]);
      expect(coverage(gardenWith(question, keptOf(question), best.proposed))).toEqual(best.covered);
      expect(best.covered.faults).toEqual([]);
      expect(best.worth).toBeGreaterThanOrEqual(greedy.worth - 1e-9);
      // What is told never gets worse.
      expect(told).toEqual([...told].sort((a, b) => a - b));
    },
    30_000,
  );
});
