import loadHighs, { type Highs } from 'highs';
import { beforeAll, describe, expect, it } from 'vitest';
import { ask, HOST, MAYFLOWERS, ONE } from '../../testing/planner';
import { host, plant, planting, site, target, type World } from '../../testing/worked-garden';
import { remedySentence } from '../../words/craft';
import { problemOf } from './problem';
import { judge } from './proposal';
import type { PlanQuestion } from './question';
import { remedyFor } from './remedy';
import { shortfallFor } from './shortfall';

let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});
const names = { plant: (id: string) => id, site: (id: string) => id, target: (id: string) => id };
/** A plan by its counts. */
const planOf = (question: PlanQuestion, counts: Record<string, number>) => {
  const { choices, costs } = problemOf(question);
  return judge(
    question,
    choices,
    costs,
    Float64Array.from([...choices.plants, ...choices.features], (_, i) => counts[choices.plants[i]?.here.plant.id ?? ''] ?? 0),
  );
};

describe('the change that closes what a plan leaves open', () => {
  it('is an addition where there is room', () => {
    const question = ask(ONE);
    const remedy = remedyFor(question, planOf(question, { host: 6, red: 3 }), 'brown')!;
    expect(remedy).toMatchObject({ kind: 'add', add: { site_id: 'bed', count: 3 } });
    expect(remedySentence(remedy, 'brown', names)).toMatch(/^There is room: 3 (white|blue) in bed would close brown\.$/);
  });
  it('is something in the place of what fills the bed to no purpose', () => {
    // 4 m² hold sixteen: six hosts, three reds and seven of a filler that feeds nobody.
    const filler = plant('filler', { bloom_first: 12, bloom_last: 13, leaf_g: 0 });
    const question = ask({ ...ONE, plants: [...ONE.plants, filler] }, {}, { sites: [site('bed', { area_m2: 4 })] });
    const judged = planOf(question, { host: 6, red: 3, filler: 6 });
    expect(judged.covered.closed).toBe(0);
    const remedy = remedyFor(question, judged, 'brown')!;
    expect(remedy).toMatchObject({ kind: 'swap', out: { plant: 'filler' }, opens: [] });
    expect(remedySentence(remedy, 'brown', names)).toMatch(
      /^bed is full: take out the filler, and \d (white|blue) in its place would close brown\.$/,
    );
  });
  it('is another creature given up where the bed holds one of two', () => {
    const other = plant('other', { ...HOST, id: 'other', common: 'other', scientific: 'Other' });
    const two: World = {
      plants: [HOST, other, ...MAYFLOWERS],
      targets: [target('brown'), target('grey')],
      hosts: [host('brown', 'host'), host('grey', 'other')],
    };
    // 3.9 m² hold six of one host and two drifts, not six of the other as well.
    const question = ask(two, {}, { sites: [site('bed', { area_m2: 3.9 })] });
    const judged = planOf(question, { host: 6, red: 3, blue: 3 });

    const found = shortfallFor(highs, question, 'grey', judged, { nodes: 500, seconds: 60 });
    // Never “nothing would do” of what another plan of the same bed closes.
    expect(found.remedy).not.toBeNull();
    expect(remedySentence(found.remedy!, 'grey', names)).toMatch(/brown/);
    expect(found.ground!.m2).toBeGreaterThan(0);
  });
  it('is none where no plant serves', () => {
    const question = ask({ ...ONE, hosts: [] });
    const judged = planOf(question, { red: 3, blue: 3 });
    expect(shortfallFor(highs, question, 'brown', judged, { nodes: 500, seconds: 60 }).remedy).toBeNull();
  });
  it('keeps to the money', () => {
    const question = ask(
      ONE,
      { budget_minor: 5000 },
      { plantings: [planting('h', 'host', 6, { locked: true, state: 'in-ground' })] },
    );
    const poor = { ...question, wishes: { ...question.wishes, budget_minor: 100 } };
    expect(remedyFor(poor, planOf(poor, {}), 'brown')).toBeNull();
  });
});
