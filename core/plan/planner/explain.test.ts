import loadHighs, { type Highs } from 'highs';
import { beforeAll, describe, expect, it } from 'vitest';
import { differenceOf } from '../../coverage/difference';
import { coverage } from '../../coverage/coverage';
import { ask, HOST, MAYFLOWERS, ONE } from '../../testing/planner';
import { host, plant, planting, site, target, type World } from '../../testing/worked-garden';
import { alternative, differenceFrom, inSpirit, kindsOf, weakPoints } from './alternatives';
import { obstaclesTo, type Obstacle } from './obstacles';
import { problemOf } from './problem';
import { gardenWith } from './proposal';
import { purposesOf } from '../purpose';
import { keptOf, type PlanQuestion } from './question';
import { shortfallFor } from './shortfall';
import { solvePlan } from './solve';
import { helpersFor } from './why-open';
import { hindranceWords } from '../../words/offers';
import { admittingWords } from '../../words/plan';
import { unitsOf } from '../../words/units';

const METRIC = unitsOf('metric');

let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});
const now = () => performance.now() / 1000;
const best = (question: PlanQuestion) =>
  solvePlan(highs, problemOf(question), { seconds: Infinity, nodes: 2000, now, enough: 0 }).best;

describe('a question that cannot be answered says what to change', () => {
  it.each<[string, PlanQuestion, Obstacle]>([
    ['no bed', ask(ONE, {}, { sites: [] }), { kind: 'no-site' }],
    ['no target', ask(ONE, {}, { targets: [] }), { kind: 'no-target' }],
    [
      'locked plants that overfill a bed',
      // Nine at 0.25 m² on 2 m².
      ask(ONE, {}, { sites: [site('bed', { area_m2: 2 })], plantings: [planting('p', 'red', 9, { locked: true })] }),
      { kind: 'overfull', site: 'bed', over_m2: 0.25 },
    ],
    [
      'more locked than wanted',
      ask(ONE, { most: { red: 3 } }, { plantings: [planting('p', 'red', 5, { locked: true })] }),
      { kind: 'over-limit', plant: 'red', kept: 5, most: 3 },
    ],
    [
      'locked plants that cost more than there is',
      ask(ONE, { budget_minor: 1000 }, { plantings: [planting('p', 'red', 3, { locked: true })] }),
      // Three at 5.00, and a bag of mulch for their 37.5 L.
      { kind: 'over-budget', bill: 2100, budget: 1000 },
    ],
    [
      'a locked plant that does not fit',
      ask(
        { ...ONE, plants: [...ONE.plants, plant('bog', { moisture_min: 5, moisture_max: 5 })] },
        {},
        {
          plantings: [planting('p', 'bog', 3, { locked: true })],
        },
      ),
      { kind: 'locked-unfit', plant: 'bog', site: 'bed' },
    ],
  ])('%s', (_, question, expected) => {
    expect(obstaclesTo(question)).toContainEqual(expected);
  });
  it('a sound one has no obstacle, even with no money at all', () => {
    expect(obstaclesTo(ask(ONE))).toEqual([]);
    expect(obstaclesTo(ask(ONE, { budget_minor: 0 }))).toEqual([]);
  });
});

describe('why a need stays open', () => {
  const wet: World = { ...ONE, plants: [{ ...HOST, moisture_min: 5, moisture_max: 5 }, ...MAYFLOWERS] };
  const openNeed = (question: PlanQuestion, stage: 'host' | 'nectar' | 'shelter') => {
    const judged = best(question);
    const garden = gardenWith(question, keptOf(question), judged.proposed);
    const covered = judged.covered.targets[0]!.needs.find((row) => row.need.stage === stage)!;
    return { covered, helpers: helpersFor(question, garden.plantings, 'brown', covered) };
  };
  it('names the plant, the bed, what is there, what it wants and the change that would do', () => {
    const { covered, helpers } = openNeed(ask(wet), 'host');
    expect(covered.verdict).toBe('open');
    expect(helpers.map(({ here }) => here.plant.id)).toEqual(['host']);
    const { why } = helpers[0]!.bars[0]!;
    expect(why).toMatchObject({ kind: 'unfit', reasons: [{ dimension: 'moisture', margin: -2 }] });
    expect(hindranceWords(why!, METRIC)).toBe('moisture is 3 (even), it wants 5 (wet)');
    expect(admittingWords(why!, METRIC)).toBe('a sunken basin lined with clay, and weekly water');
  });
  it('puts the nearest bed first', () => {
    const question = ask(wet, {}, { sites: [site('bed', { moisture: 1 }), site('hollow', { moisture: 3 })] });
    expect(openNeed(question, 'host').helpers[0]!.bars.map((bar) => bar.site.id)).toEqual(['hollow', 'bed']);
  });
  it('names the ground that is missing, of heights and of limits', () => {
    const small = openNeed(ask(ONE, {}, { sites: [site('bed', { area_m2: 1 })] }), 'host');
    // The plan has begun with the one host that two fifths of a square metre hold, and the bed is full.
    expect(small.helpers[0]!.bars[0]!.why).toMatchObject({ kind: 'no-room', count: 1, wanted_m2: 0.25 });
    // Fourteen reds at 0.25 m² leave a quarter of 3.75 m²; a drift of three hosts wants three.
    const reds = [planting('p', 'red', 14, { locked: true })];
    const crowded = openNeed(ask(ONE, {}, { sites: [site('bed', { area_m2: 3.75 })], plantings: reds }), 'host');
    const { why } = crowded.helpers[0]!.bars[0]!;
    expect(why).toMatchObject({ kind: 'no-room', count: 3, wanted_m2: 0.75 });
    expect(why!.kind === 'no-room' && why!.left_m2).toBeCloseTo(0.25, 6);
    const low = openNeed(ask(ONE, { tallest_cm: { bed: 10 } }), 'host');
    expect(low.helpers[0]!.bars[0]!.why).toEqual({ kind: 'too-tall', height_cm: 30, allowed_cm: 10 });
    const none = openNeed(ask(ONE, { most: { host: 0 } }), 'host');
    expect(none.helpers[0]!.bars[0]!.why).toEqual({ kind: 'none-wanted', most: 0 });
  });
  it('says nothing of a need that is closed', () => {
    const { covered, helpers } = openNeed(ask(ONE), 'nectar');
    expect(covered.verdict).toBe('closed');
    expect(helpers).toEqual([]);
  });
});

describe('how much more would close it', () => {
  const shortfall = (question: PlanQuestion) =>
    shortfallFor(highs, question, 'brown', best(question), { nodes: 500, seconds: 60 });
  it('ground', () => {
    // Six hosts and two drifts of three, 0.25 m² each: 3 m²; the bed has 1.5.
    const found = shortfall(ask(ONE, {}, { sites: [site('bed', { area_m2: 1.5 })] }));
    expect(found.ground!.m2).toBeCloseTo(1.5, 2);
    expect(found.money).toBeNull();
  });
  it('money', () => {
    // Six hosts and a spare, twice three flowers: 13 at 5.00 are 65.00; mulch for 3 m², 150 L, three bags of 6.00; 12.00 are there.
    const found = shortfall(ask(ONE, { budget_minor: 1200 }));
    expect(found.money).toBe(7100);
    expect(found.ground).toBeNull();
  });
  it('height', () => {
    expect(shortfall(ask(ONE, { tallest_cm: { bed: 10 } })).height).toBe(true);
  });
  it('nothing would, where no plant fits', () => {
    const world: World = { ...ONE, hosts: [] };
    expect(shortfall(ask(world))).toEqual({
      target: 'brown',
      ground: null,
      money: null,
      height: false,
      remedy: null,
    });
  });
});

describe('what a planting is there for', () => {
  const plan = [planting('h', 'host', 6), planting('w', 'white', 3), planting('b', 'blue', 3), planting('r', 'red', 3)];
  const question = ask(ONE, {}, { plantings: plan });
  const input = { ...question, year: null };
  const found = purposesOf(input, coverage(input), ['h', 'w']);
  it('names the needs it serves, and what opens without it', () => {
    expect(found.get('h')!.serves.map((row) => row.stage)).toContain('host');
    expect(found.get('h')!.without.opened).toEqual(['brown']);
    expect(found.get('h')!.without.worse.map((row) => `${row.need.stage} ${row.after}`)).toEqual(['host open']);
  });
  it('one of three flowers where two are wanted is missed by nobody', () => {
    expect(found.get('w')!.serves.map((row) => row.stage)).toContain('nectar');
    expect(found.get('w')!.without).toEqual({ worse: [], better: [], opened: [], closed: [] });
  });
  it('what comes is listed as better', () => {
    const bare = coverage({ ...input, plantings: [] });
    expect(differenceOf(bare, coverage(input)).closed).toEqual(['brown']);
  });
});

describe('other plans', () => {
  const flowers = ['a', 'b', 'c', 'd', 'e', 'f'].map((id, i) =>
    plant(id, { bloom_first: 8, bloom_last: 9, leaf_g: 0, price_minor: 100 * (i + 1) }),
  );
  const world: World = {
    plants: [HOST, plant('host2', { ...HOST, id: 'host2', common: 'host2', price_minor: 900 }), ...flowers],
    targets: [target('brown')],
    hosts: [host('brown', 'host'), host('brown', 'host2')],
    status: [...flowers.map(({ id }) => id), 'host', 'host2'].map((id) => ({
      plant: id,
      place: 'flatland',
      status: id === 'a' ? 'introduced' : 'native',
      as_of: 2020,
      note: '',
    })),
  };
  const limits = { nodes: 2000, seconds: 60 };
  it('of the fewest kinds has fewer, or there is none', () => {
    // Two flowers and a host are the fewest there can be: no plan deserves the title.
    const question = ask(world, { natives: 'off', kinds: 'many' });
    const first = best(question);
    expect(kindsOf(first).size).toBeGreaterThan(3);
    const few = alternative(highs, question, 'few', first, limits)!;
    expect(kindsOf(few).size).toBe(3);
    expect(few.covered.closed).toBe(1);
    expect(alternative(highs, question, 'few', few, limits)).toBeNull();
  });
  it('for the least money costs less than the first, or there is none', () => {
    const question = ask(world, { natives: 'much' });
    const first = best(question);
    const cheap = alternative(highs, question, 'cheap', first, limits)!;
    expect(cheap.money).toBeLessThan(first.money);
    expect(cheap.covered.closed).toBe(1);
    expect(alternative(highs, question, 'cheap', cheap, limits)).toBeNull();
  });
  it('not even for the least money is a weed planted that the first does without', () => {
    const weedy: World = { ...world, plants: world.plants.map((row) => (row.id === 'b' ? { ...row, manners: 'weedy' } : row)) };
    const question = ask(weedy, { natives: 'much' });
    const first = best(question);
    expect(kindsOf(first)).not.toContain('b');
    // The flowers cost 1.00, 2.00, 3.00 …; the second is a weed.
    const cheap = alternative(highs, question, 'cheap', first, limits)!;
    expect([...kindsOf(cheap)].sort()).toEqual(['a', 'c', 'host']);
    // Where only one other flower is left, the weed is needed, and no plan bears its loss.
    const two: World = { ...weedy, plants: weedy.plants.filter((row) => !['a', 'd', 'e', 'f'].includes(row.id)) };
    const needed = ask(two, { natives: 'off' });
    expect(kindsOf(best(needed))).toContain('b');
    expect(alternative(highs, needed, 'sturdy', best(needed), limits)).toBeNull();
  });
  it('a sturdy one closes with any one kind lost', () => {
    const question = ask(world, { natives: 'off' });
    const first = best(question);
    expect(weakPoints(question, first).length).toBeGreaterThan(0);
    const sturdy = alternative(highs, question, 'sturdy', first, limits)!;
    for (const kind of kindsOf(sturdy)) {
      const plants = sturdy.proposed.plants.filter((row) => row.plant !== kind);
      expect(coverage(gardenWith(question, keptOf(question), { plants, features: [] })).closed, kind).toBe(1);
    }
  });
  it('none closes fewer than the first: where the natives do not suffice there is none of natives only', () => {
    const alone: World = {
      ...world,
      status: world.status!.map((row) => ({ ...row, status: row.plant === 'b' ? 'native' : 'introduced' })),
    };
    const question = ask(alone, { natives: 'off' });
    expect(alternative(highs, question, 'natives', best(question), limits)).toBeNull();
  });
  it('one with nothing to add differs in nothing', () => {
    const nothing = { proposed: { plants: [], features: [] } };
    const one = { proposed: { plants: [{ plant: 'a', site_id: 'bed', count: 3 }], features: [] } };
    const other = { proposed: { plants: ['b', 'a'].map((id) => ({ plant: id, site_id: 'bed', count: 1 })), features: [] } };
    expect(differenceFrom(nothing, one)).toBe(0);
    expect(differenceFrom(one, other)).toBe(0);
    expect(differenceFrom(other, one)).toBe(0.5);
    expect(differenceFrom(one, nothing)).toBe(1);
  });
  it('natives only has none but natives', () => {
    const question = ask(world, { natives: 'off', cheap: 'much' });
    expect(best(question).proposed.plants.map((row) => row.plant)).toContain('a');
    const natives = alternative(highs, question, 'natives', best(question), limits)!;
    expect(natives.proposed.plants.map((row) => row.plant)).not.toContain('a');
    expect(natives.covered.closed).toBe(1);
  });
  it('there is none where nothing needs to be added', () => {
    const plan = [planting('h', 'host', 6), planting('w', 'b', 3), planting('x', 'c', 3)].map((row) => ({
      ...row,
      locked: true,
    }));
    const question = ask(world, {}, { plantings: plan });
    expect(best(question).proposed.plants).toEqual([]);
    expect(alternative(highs, question, 'cheap', best(question), limits)).toBeNull();
  });
  it('the least money asks for it much', () => {
    expect(inSpirit(ask(world), 'cheap').wishes.cheap).toBe('much');
  });
});
