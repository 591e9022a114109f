import { describe, expect, it } from 'vitest';
import { finish } from '../model/steps';
import { askOf } from '../plan/asks/ask';
import { firstSetInSteps } from '../plan/asks/first-set';
import { ask, HOST, MAYFLOWERS, ONE } from '../testing/planner';
import { host, plant, planting, site, target, type World } from '../testing/worked-garden';
import type { PlanQuestion } from '../plan/planner/question';
import { askSentence, firstSetGround, firstWhy } from './asks';
import { unitsOf } from './units';

const metric = unitsOf('metric');
const garden = (over: Partial<PlanQuestion> = {}, world: World = ONE) =>
  ask(world, { keep: 'planned' }, { targets: [], ...over });
const said = (question: PlanQuestion, id = 'brown') =>
  askSentence(askOf(question, id), question.almanac, question.plantings, metric);

describe('what a creature would still ask, in a line', () => {
  it('names its hosts by number and its flowers by their kinds', () => {
    // Six hosts at 50 cm and two kinds of three or more at the same spacing.
    expect(said(garden())).toMatch(/^6 host and 2 further kinds in flower on \d(\.\d)? m²\.$/);
  });
  it('says how many more of what is begun', () => {
    expect(said(garden({ plantings: [planting('a', 'host', 4)] }))).toMatch(/^2 more host and /);
  });
  it('says that it is served', () => {
    const bare = garden();
    const plantings = askOf(bare, 'brown').proposed.plants.map((row, i) => planting(`p${i}`, row.plant, row.count));
    expect(said(garden({ plantings }))).toBe('Already served.');
  });
  it('says what keeps it from breeding, beside what it would take to visit', () => {
    const world: World = { ...ONE, plants: [{ ...HOST, sun_min_h: 12 }, ...MAYFLOWERS] };
    const shady = { sites: [site('bed', { sun_h: 5 })] };
    expect(said(garden(shady, world))).toMatch(/^As a visitor: .*\. To breed here: nearest is host: /);
    const faster: World = { ...world, targets: [target('brown', { adult_food: 'none' })] };
    expect(said(garden(shady, faster))).toMatch(/^Not on these beds: nearest is host: /);
    const hostless: World = { ...ONE, targets: [target('brown', { adult_food: 'none' })], hosts: [] };
    expect(said(garden({}, hostless))).toBe('Not on these beds: nothing that may be planted gives host plants.');
    const cramped = { sites: [site('bed', { area_m2: 2 })] };
    expect(said(garden(cramped, { ...ONE, targets: [target('brown', { adult_food: 'none', patch_plants: 40 })] }))).toBe(
      'Not on these beds: all it asks takes more room than is left.',
    );
  });
  it('begins with a large letter where it asks for a tree', () => {
    const tree = plant('tree', {
      kind: 'tree',
      height_min_cm: 900,
      height_max_cm: 1500,
      spread_cm: 400,
      leaf_g: 20_000,
      bloom_first: null,
      bloom_last: null,
      nectar_butterfly: 0,
    });
    const only: World = { ...ONE, plants: [...MAYFLOWERS, tree], hosts: [host('brown', 'tree')] };
    expect(said(garden({}, only))).toMatch(/^A tree, tree and 2 further kinds in flower/);
  });
});

describe('the first set, in words', () => {
  it('says what feeds the young, and what ground it was calculated for', () => {
    const question = garden({ sites: [] });
    const set = finish(firstSetInSteps(question, { balcony: false }));
    expect(firstWhy(set.easy[0]!, question.almanac)).toBe('Its young grow up on 6 host.');
    expect(firstSetGround(set, metric)).toBe('in 20 m² of ordinary sunny ground here');
    const pots = finish(firstSetInSteps(question, { balcony: true }));
    expect(firstSetGround(pots, metric)).toBe('in four ordinary pots in the sun');
    expect(firstSetGround(finish(firstSetInSteps(garden(), { balcony: false })), metric)).toBe(
      'on your beds and pots as they are',
    );
  });
});
