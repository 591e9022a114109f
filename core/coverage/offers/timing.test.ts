import { describe, expect, it } from 'vitest';
import { coverage, type CoverageInput } from '../coverage';
import { costsOf, sowingDayFor, timingOffers, usualSowing } from './timing';
import { withChange } from './change';
import { GARDEN, gardenOf, host, libraryOf, plant, planting, target, type World } from '../../testing/worked-garden';
import { almanacFor } from '../../almanac/almanac';
import { braid } from '../../season/braid';

/** One crown is 0.785 m², in a flower the azure likes 1.57 units of nectar; it wants 1.5 units of two kinds. */
const nectarOf = (input: CoverageInput) => coverage(input).targets[0]!.needs.find((row) => row.need.stage === 'nectar')!;
const flower = (id: string, bloom_first: number, bloom_last: number, over = {}) =>
  plant(id, { leaf_g: 0, bloom_first, bloom_last, ...over });

describe('a gap in July that a cut closes', () => {
  // The azure flies from May to July; the phlox is over by the end of June, and one kind is too few.
  const world: World = {
    targets: [target('azure')],
    plants: [flower('phlox', 8, 11, { rebloom_days: 15 }), flower('daisy', 8, 13)],
    hosts: [],
    occurrence: { azure: { first: 8, last: 13 } },
  };
  const input = gardenOf(world, [planting('p', 'phlox', 2), planting('d', 'daisy', 2)]);
  const [offer] = timingOffers(input, 'azure', nectarOf(input));

  it('is thin for want of a second kind', () => {
    expect(nectarOf(input)).toMatchObject({ gaps: [12, 13], ratio: 0.5, limit: 'kinds' });
  });
  it('cuts half, on the day that brings the second bloom to 1 July, so that the other half flowers on', () => {
    expect(offer).toMatchObject({
      way: 'cut',
      change: { kind: 'cut', planting: 'p', cut: { on: '06-16', count: 1 } },
      // 1 July is day 182.
      flowers: { kind: 'again', from: 182 },
      closes: true,
      gapsAfter: 0,
      eaters: [],
    });
  });
  it('says what it costs meanwhile: half the phlox of late June, with enough left', () => {
    // Two of each: 3 units; without a phlox 2.25.
    expect(offer!.costs).toHaveLength(1);
    expect(offer!.costs[0]).toMatchObject({ target: 'azure', halfMonth: 11 });
    expect(offer!.costs[0]!.before.supply).toBeCloseTo(3, 9);
    expect(offer!.costs[0]!.after.supply).toBeCloseTo(2.25, 9);
  });
  it('cut whole, late June goes short instead, and that is said', () => {
    const whole = coverage(withChange(input, { kind: 'cut', planting: 'p', cut: { on: '06-16', count: 2 } }));
    const costs = costsOf(coverage(input), whole);
    expect(costs[0]).toMatchObject({ target: 'azure', halfMonth: 11, after: { verdict: 'thin' } });
  });
  it('keeps what it promises', () => {
    expect(nectarOf(withChange(input, offer!.change)).verdict).toBe('closed');
  });
  it('warns of caterpillars that feed on what is cut', () => {
    // The young of one that winters unfed feed in April, before it flies; the others' while adults lay, from May to July.
    const eaten = gardenOf(
      {
        ...world,
        targets: [target('azure', { overwinters_as: 'larva', winter_larva: 'unfed' })],
        plants: [plant('phlox', { rebloom_days: 15 }), flower('daisy', 8, 13)],
        hosts: [host('azure', 'phlox')],
      },
      input.plantings as never,
    );
    const [cut] = timingOffers(eaten, 'azure', nectarOf(eaten));
    const feeding = eaten.almanac.targets.get('azure')!.larval.some((period) => period.from <= 167 && 167 <= period.to);
    expect(feeding).toBe(false);
    expect(cut!.eaters).toEqual([]);
    const longer = gardenOf(
      {
        ...world,
        plants: [plant('phlox', { rebloom_days: 15 }), flower('daisy', 8, 13)],
        hosts: [host('azure', 'phlox')],
      },
      input.plantings as never,
    );
    expect(longer.almanac.targets.get('azure')!.larval.some((period) => period.from <= 167 && 167 <= period.to)).toBe(true);
    expect(timingOffers(longer, 'azure', nectarOf(longer))[0]!.eaters).toEqual(['azure']);
  });
});

describe('an autumn gap', () => {
  // Flying to the end of September; only one kind after August.
  const world: World = {
    targets: [target('azure')],
    plants: [
      flower('aster-early', 8, 15),
      flower('daisy', 8, 17),
      flower('zinnia', 12, 14, { kind: 'annual', years_to_flower: 0, sow_in_place: 0 }),
      flower('aster-late', 16, 18),
    ],
    hosts: [],
    occurrence: { azure: { first: 8, last: 17 } },
  };
  const input = gardenOf(world, [planting('a', 'aster-early', 2), planting('d', 'daisy', 2)]);
  const offers = timingOffers(input, 'azure', nectarOf(input));

  it('lies in September', () => expect(nectarOf(input).gaps).toEqual([16, 17]));
  it('is closed by an annual sown late enough to flower from 1 September', () => {
    // 1 September is day 244; 72 days before is 21 June.
    const sow = offers.find((offer) => offer.way === 'sow')!;
    expect(sow).toMatchObject({
      change: { kind: 'plant', plant: 'zinnia', sow_on: '06-21' },
      flowers: { kind: 'sown', indoors: false, bloom: { from: 244, to: 289 } },
      closes: true,
    });
    expect(nectarOf(withChange(input, sow.change)).verdict).toBe('closed');
  });
  it('is closed by the sister that flowers later', () => {
    const sister = offers.find((offer) => offer.way === 'sister')!;
    // 1 May to 1 September: 123 days.
    expect(sister).toMatchObject({
      plant: 'aster-late',
      change: { kind: 'plant', count: 1 },
      flowers: { kind: 'sister', of: 'aster-early', near: true, days: 123, bloom: { from: 244, to: 288 } },
      closes: true,
      costs: [],
    });
  });
  it('the usual sowing day is the last frost less its weeks', () => {
    const here = input.almanac.plants.get('zinnia')!;
    expect(usualSowing(here)).toBe(110);
    // In flower from 1 July anyhow: the usual day will do.
    expect(sowingDayFor(here, 12, input.almanac.frosts)).toBe(110);
    // In place not before the last frost; in October too late to flower three weeks before the frost.
    expect(sowingDayFor(here, 8, input.almanac.frosts)).toBe(110);
    expect(sowingDayFor(here, 19, input.almanac.frosts)).toBeNull();
  });
});

describe('a spring gap', () => {
  const world: World = {
    targets: [target('azure')],
    plants: [flower('phlox-late', 8, 11), flower('daisy', 6, 11), flower('phlox-early', 6, 8), flower('phlox-listed', 6, 8)],
    hosts: [],
    occurrence: { azure: { first: 6, last: 11 } },
    status: ['phlox-late', 'daisy', 'phlox-early'].map(
      (id) => ({ plant: id, place: 'flatland', status: 'native', as_of: 2020, note: '' }) as const,
    ),
  };
  const input = gardenOf(world, [planting('p', 'phlox-late', 2), planting('d', 'daisy', 2)]);
  it('is closed by the sister that flowers a month earlier; one that is not recorded here is not offered', () => {
    expect(nectarOf(input).gaps).toEqual([6, 7]);
    const offers = timingOffers(input, 'azure', nectarOf(input));
    expect(offers.map((offer) => [offer.way, offer.plant, offer.closes])).toEqual([['sister', 'phlox-early', true]]);
    expect(offers[0]!.flowers).toMatchObject({ of: 'phlox-late', near: true, days: -30, bloom: { from: 91, to: 135 } });
  });
});

describe('late nectar only in a tube that is too long', () => {
  const world: World = {
    targets: [target('azure', { tongue_mm: 8 })],
    plants: [
      flower('daisy', 8, 15),
      flower('phlox', 8, 15),
      flower('sage-deep', 14, 18, { tube_mm: 25, flower_form: 'tube' }),
      flower('sage-deeper', 14, 18, { tube_mm: 30, flower_form: 'tube' }),
      flower('daisy-late', 16, 18),
      flower('phlox-late', 16, 18),
    ],
    hosts: [],
    occurrence: { azure: { first: 8, last: 17 } },
  };
  const input = gardenOf(world, [planting('d', 'daisy', 3), planting('p', 'phlox', 3), planting('s', 'sage-deep', 9)]);
  it('is no nectar: September is bare of it though the sage flowers', () => {
    const nectar = nectarOf(input);
    expect(nectar.gaps).toEqual([16, 17]);
    expect(nectar.cells.at(-1)).toMatchObject({ supply: 0, kinds: 0, verdict: 'open' });
  });
  it('no offer reaches into a tube; the flat sisters help', () => {
    const offers = timingOffers(input, 'azure', nectarOf(input));
    expect(offers.map((offer) => offer.plant).sort()).toEqual(['daisy-late', 'phlox-late']);
    // One kind of two: half of what is wanted.
    expect(offers[0]).toMatchObject({ closes: false, after: 0.5 });
  });
  it('a long tongue finds it: of one kind all that is wanted', () => {
    const long = gardenOf({ ...world, targets: [target('azure', { tongue_mm: 40, flower_forms: ['tube'] })] }, [
      ...input.plantings,
    ]);
    expect(nectarOf(long).cells.at(-1)!.supply).toBeCloseTo(1.5, 9);
  });
});

describe('a garden without frost, with flight all year', () => {
  const garden = { ...GARDEN, last_frost: null, first_frost: null };
  const world: World = {
    targets: [target('azure', { overwinters_as: 'none-migrates' })],
    plants: [
      flower('lantana', 0, 23, { kind: 'shrub' }),
      flower('sage', 0, 23, { kind: 'shrub' }),
      flower('zinnia', 12, 14, { kind: 'annual', rebloom_days: 14, sow_in_place: 0 }),
    ],
    hosts: [],
    occurrence: { azure: { first: 0, last: 23, broods: 4 } },
  };
  const almanac = almanacFor(libraryOf(world), garden);
  it('closes in all twenty-four half-months with two that flower always, as one unbroken strand', () => {
    const input = gardenOf(world, [planting('1', 'lantana', 1), planting('2', 'sage', 1)], { almanac, garden });
    const [served] = coverage(input).targets;
    const nectar = served!.needs.find((row) => row.need.stage === 'nectar')!;
    expect(nectar.cells).toHaveLength(24);
    expect(nectar.verdict).toBe('closed');
    const strand = braid([served!])[0]!.strands.find((row) => row.stage === 'nectar')!;
    expect(strand.reaches.map(({ first, last }) => [first, last])).toEqual([[0, 23]]);
    expect(timingOffers(input, 'azure', nectar)).toEqual([]);
  });
  it('does without sowing days, since there is no frost to count from, and is still offered the cut', () => {
    const input = gardenOf(world, [planting('1', 'lantana', 1), planting('z', 'zinnia', 4)], { almanac, garden });
    const offers = timingOffers(input, 'azure', nectarOf(input));
    expect(offers.some((offer) => offer.way === 'sow')).toBe(false);
    expect(nectarOf(input).gaps).toHaveLength(21);
    const cut = offers.find((offer) => offer.way === 'cut')!;
    expect(cut.gapsAfter).toBeLessThan(21);
  });
});
