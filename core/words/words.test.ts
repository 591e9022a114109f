import { describe, expect, it } from 'vitest';
import { almanacFor } from '../almanac/almanac';
import { coverage } from '../coverage/coverage';
import { offersFor } from '../coverage/offers/offers';
import { costsOf, timingOffers } from '../coverage/offers/timing';
import { withChange } from '../coverage/offers/change';
import type { Gate } from '../match/gates/gates';
import type { Figure, FigureDetail } from '../place/survey/measured';
import { AZURE, AZURE_FLOWERS, needIn } from '../testing/offers';
import { gardenOf, GARDEN, libraryOf, plant, planting, site, target, way, type World } from '../testing/worked-garden';
import type { HazardGate } from '../match/gates/gates';
import { gateSentence } from './gates';
import { usualWords, wayWords } from './raise';
import { listed } from './lists';
import { gapLabel, gapSentence, percent } from './needs';
import { changeSentence, nearMissSentence, offerEffect } from './offers';
import { obstacleSentence } from './plan';
import { questionsOf } from './shopping';
import { basisWords, figureWords } from './survey';
import { drawbackClause } from './craft';
import { costSentences, eatersWords, floweringWords } from './timing';
import { unitsOf } from './units';
import { neighbourSentence } from './yard';

const METRIC = unitsOf('metric');
const US = unitsOf('us');

describe('quantities', () => {
  it('are in one system throughout', () => {
    // 10 m² are 107.6 sq ft; 1 m is 3.28 ft; 25.4 mm are an inch; 20 °C are 68 °F.
    expect([METRIC.area(10), METRIC.length(15), METRIC.fine(90, 100), METRIC.temperature(20)]).toEqual([
      '10 m²',
      '15 cm',
      '90–100 mm',
      '20 °C',
    ]);
    expect([US.area(10), US.about(15), US.fine(90, 100), US.fine(25.4), US.temperature(20)]).toEqual([
      '108 sq ft',
      '6 in',
      '3.5–3.9 in',
      '1 in',
      '68 °F',
    ]);
  });
  it('money is in the garden’s currency', () => {
    expect([US.money(1250), unitsOf('us', 'EUR').money(1250)]).toEqual(['$12.50', '€12.50']);
  });
  it('things in a row', () =>
    expect([[], ['a'], ['a', 'b'], ['a', 'b', 'c']].map(listed)).toEqual(['', 'a', 'a and b', 'a, b and c']));
});

describe('a gate', () => {
  it.each<[Gate, RegExp]>([
    [
      { kind: 'invasive', effect: 'refuse', common: 'Ivy', status: 'noxious', as_of: 2020 },
      /^Ivy is listed as noxious here \(2020\)/,
    ],
    [
      { kind: 'toxic', effect: 'refuse', note: 'Poisonous.', severity: 3, risks: ['dogs', 'cats'], allowed: false },
      /^Poisonous\. A danger to the dogs and the cats\.$/,
    ],
    [
      { kind: 'toxic', effect: 'warn', note: 'Upsets.', severity: 1, risks: ['dogs'], allowed: false },
      /^Upsets\. Mind the dogs\.$/,
    ],
    [
      { kind: 'toxic', effect: 'warn', note: 'Poisonous.', severity: 3, risks: ['dogs'], allowed: true },
      /A danger to the dogs: you allowed it, so keep them apart\.$/,
    ],
    [{ kind: 'disease', effect: 'warn', note: 'Wilt kills it.' }, /^Wilt kills it\.$/],
    [{ kind: 'caution', effect: 'warn', note: 'Spreads.', severity: 1, risks: [], allowed: false }, /^Spreads\.$/],
    [{ kind: 'deer', effect: 'warn', common: 'Aster', often: true }, /^Deer browse Aster, and they come often here/],
    [{ kind: 'trap', effect: 'refuse', target: 'Monarch' }, /Monarch lays on it and the caterpillars die/],
    [
      { kind: 'never', effect: 'refuse', common: 'Poison ivy', note: 'It blisters.' },
      /^Poison ivy is here to be known, never to be planted. It blisters.$/,
    ],
  ])('%o', (gate, words) => expect(gateSentence(gate)).toMatch(words));
});

describe('what was measured', () => {
  const said = (detail: FigureDetail, units = METRIC) => figureWords({ detail }, units);
  it('in words, in the units chosen', () => {
    expect(said({ kind: 'jar', texture: 'sand', shares: { sand: 0.9, silt: 0.06, clay: 0.04 } })).toBe(
      'sand: 90 % sand, 6 % silt, 4 % clay',
    );
    expect(said({ kind: 'hole', drainage: 'well', cm_per_hour: 4 })).toBe('well: the water fell 4 cm an hour');
    expect(said({ kind: 'hole', drainage: 'well', cm_per_hour: 4 }, US)).toBe('well: the water fell 1.6 in an hour');
    expect(said({ kind: 'readings', middle: 5.6, count: 3, low: 5.4, high: 5.9 })).toBe('5.6: 3 readings from 5.4 to 5.9');
  });
  it('its source and date', () => {
    const figure: Pick<Figure<unknown>, 'source' | 'on'> = { source: 'jar', on: '2026-05-04' };
    expect(basisWords(figure)).toBe('jar test, 4 May 2026');
    expect(basisWords({ source: 'stated', on: null })).toBe('as you stated it');
  });
});

it('what lies near a bed', () => {
  expect(neighbourSentence({ kind: 'crowns', names: ['Oak', 'Pine'] })).toBe(
    'Oak and Pine reach over it: their roots drink first.',
  );
  expect(neighbourSentence({ kind: 'slope', fall_pct: 12 })).toContain('slope of 12 %');
});

it('what to ask a nursery', () => {
  const here = almanacFor(libraryOf({ plants: [plant('aster')], targets: [], hosts: [] }), GARDEN).plants.get('aster')!;
  const ask = ['true-to-name', 'no-systemics-host'] as const;
  expect(questionsOf({ here, ask: [...ask] } as never)).toEqual([
    'Is it true Aster, not a hybrid or a look-alike?',
    'Was it grown without systemic insecticides? Caterpillars will eat it.',
  ]);
});

it('a way to raise a plant, warm in the units chosen', () => {
  const row = way('aster', ['winter-container'], {
    chill_days: 60,
    depth_mm: 0,
    treatment: ['soak'],
    warmth_c: 20,
    days_from: 14,
    days_to: 30,
    rate_from: 0.4,
    rate_to: 0.7,
  });
  const aster = plant('aster');
  expect(wayWords({ method: 'winter-container', row, ofKin: false }, aster, METRIC)).toBe(
    'soak the seed overnight; 60 days of cold and wet; on the surface, in the light; up in 14 to 30 days at 20 °C; 40 to 70 in 100 succeed',
  );
  expect(wayWords({ method: 'winter-container', row, ofKin: true }, aster, US)).toMatch(/at 68 °F; .*; figures of its kin$/);
});

it('the usual days of a way are distinguished from figures of the plant', () => {
  const usual = (
    over: Parameters<typeof way>[2],
    method: 'winter-container' | 'chilled-indoors' | 'autumn-in-place' | 'division',
  ) => usualWords({ method, row: way('aster', [method], over), ofKin: false });
  expect(usual({}, 'winter-container')).toBe(
    'Usual for such ways, not figures of this plant: days to pricking out and days of hardening off.',
  );
  expect(usual({ pot_on_days: 21 }, 'winter-container')).toBe(
    'Usual for such ways, not figures of this plant: days of hardening off.',
  );
  expect(usual({ pot_on_days: 21, harden_days: 8, chill_days: 30, chill_c: 4 }, 'chilled-indoors')).toBe('');
  expect(usual({ pot_on_days: 21, harden_days: 8, chill_days: 30 }, 'chilled-indoors')).toContain('the cold of a refrigerator');
  expect(usual({}, 'autumn-in-place')).toBe('');
  expect(usual({}, 'division')).toBe('');
});

it('an obstacle says what to change', () => {
  const names = { plant: (id: string) => id, site: (id: string) => id, target: (id: string) => id };
  expect(obstacleSentence({ kind: 'wish-unfit', site: 'bed', plant: null, host_of: 'monarch' }, names, METRIC)).toMatch(
    /^You want a host of monarch in bed, where none can be planted/,
  );
  expect(obstacleSentence({ kind: 'overfull', site: 'bed', over_m2: 0.25 }, names, METRIC)).toMatch(
    /What is kept in bed takes 0\.25 m² more than there is: unlock/,
  );
  expect(obstacleSentence({ kind: 'over-budget', bill: 1500, budget: 1000 }, names, METRIC)).toMatch(
    /costs \$15\.00, more than the \$10\.00 there is: raise the budget by \$5\.00/,
  );
});

describe('offers in words', () => {
  it('a planting, and more of one', () => {
    const input = gardenOf(AZURE, AZURE_FLOWERS);
    const { offers, nearMisses } = offersFor(input, 'azure', needIn(input, 'host'));
    expect(changeSentence(offers[0]!.change, input)).toBe('Add 6 host-herb to bed');
    expect(nearMissSentence(nearMisses[0]!.why, 'bed', METRIC)).toBe('bed: moisture is 3 (even), it wants 5 (wet).');
    const begun = gardenOf(AZURE, [...AZURE_FLOWERS, planting('1', 'host-herb', 2)]);
    expect(changeSentence({ kind: 'plant', plant: 'host-herb', site_id: 'bed', count: 4 }, begun)).toBe(
      'Add 4 more host-herb to bed',
    );
  });
  it('no room', () => {
    const input = gardenOf(AZURE, AZURE_FLOWERS, { sites: [site('bed', { area_m2: 1 })] });
    const { nearMisses } = offersFor(input, 'azure', needIn(input, 'host'));
    expect(nearMissSentence(nearMisses[0]!.why, 'bed', METRIC)).toBe('bed: 6 take 1.5 m², 0.5 m² is left.');
  });
  it('what bars a plant from the garden, without a site', () => {
    const risk: HazardGate = { kind: 'toxic', effect: 'warn', allowed: false, risks: ['cats'], severity: 3, note: 'Poisonous.' };
    expect(nearMissSentence({ kind: 'danger', gates: [risk] }, 'bed', METRIC)).toBe(gateSentence(risk));
    expect(nearMissSentence({ kind: 'exotic-milkweed' }, 'bed', METRIC)).toBe(
      'a milkweed of another country: where winter does not kill it, it makes monarchs ill.',
    );
    expect(nearMissSentence({ kind: 'windy' }, 'bed', METRIC)).toBe('bed: it climbs, and the wind would have it down.');
  });
  it('what speaks against an offer, in a clause', () => {
    expect(drawbackClause([])).toBe('');
    expect(drawbackClause(['seldom', 'prickly'])).toBe('; it is seldom for sale here and is spiny, burred or raises a rash');
  });
  it('a feature and the autumn', () => {
    const input = gardenOf(AZURE, AZURE_FLOWERS);
    expect(changeSentence({ kind: 'feature', site_id: 'bed', feature: 'mud' }, input)).toBe('Add a damp mud patch to bed');
    expect(changeSentence({ kind: 'autumn', school: 'leave' }, input)).toBe('Leave stems and leaves standing until spring');
  });
});

describe('words for gaps', () => {
  it('name what is missing and when', () => {
    const input = gardenOf(AZURE, AZURE_FLOWERS);
    const here = input.almanac.targets.get('azure')!;
    const hosts = needIn(input, 'host');
    expect(gapSentence(here, hosts, METRIC)).toBe('No host plant for the caterpillars of azure, wanted early May to early June.');
    expect(gapLabel(hosts, hosts.gaps)).toBe('no host');
    const few = needIn(gardenOf(AZURE, [...AZURE_FLOWERS, planting('1', 'host-herb', 3)]), 'host');
    expect(gapSentence(here, few, METRIC)).toBe('The largest patch is 50 % of one that a laying female finds.');
    expect(gapLabel(few, few.gaps)).toBe('patch too small');
    const lone = needIn(gardenOf(AZURE, [planting('2', 'flower-b', 2)]), 'nectar');
    expect(gapSentence(here, lone, METRIC)).toBe('Only 1 kind in bloom of 2 wanted, early May to late May.');
  });
  it('say what an offer would do', () => {
    const offer = { before: 0, after: 0.5, gapsBefore: 4, gapsAfter: 4, closes: false };
    expect(offerEffect(offer)).toBe('Helps, but does not close it: from 0 % to 50 %');
    expect(offerEffect({ ...offer, gapsAfter: 1 })).toBe('Closes 3 of the 4 half-months that are short');
    expect(offerEffect({ ...offer, after: 2, gapsAfter: 0, closes: true })).toBe('Closes it: from 0 % to 100 %');
  });
  it('percentages never round up to enough', () => {
    expect([percent(0.999), percent(1), percent(3), percent(0.29)]).toEqual(['99 %', '100 %', '100 %', '29 %']);
  });
});

describe('timing in words', () => {
  const flower = (id: string, bloom_first: number, bloom_last: number, over = {}) =>
    plant(id, { leaf_g: 0, bloom_first, bloom_last, ...over });
  const july: World = {
    targets: [target('azure')],
    plants: [flower('phlox', 8, 11, { rebloom_days: 15 }), flower('daisy', 8, 13)],
    hosts: [],
    occurrence: { azure: { first: 8, last: 13 } },
  };
  const input = gardenOf(july, [planting('p', 'phlox', 2), planting('d', 'daisy', 2)]);
  const hereOf = (id: string) => input.almanac.targets.get(id)!;
  const [offer] = timingOffers(input, 'azure', needIn(input, 'nectar'));
  it('the cut, when it flowers again, and what it costs', () => {
    expect(changeSentence(offer!.change, input)).toBe('Cut 1 of the 2 phlox in bed on 16 June');
    expect(floweringWords(offer!.flowers, String)).toBe('flowers again from about 1 July');
    expect(costSentences(offer!.costs, hereOf)).toEqual([
      { text: 'azure, nectar: up to 25 % less in late June, and as well served.', breaks: false },
    ]);
    const whole = coverage(withChange(input, { kind: 'cut', planting: 'p', cut: { on: '06-16', count: 2 } }));
    expect(costSentences(costsOf(coverage(input), whole), hereOf)[0]).toEqual({
      text: 'It costs azure, nectar: thin in late June.',
      breaks: true,
    });
  });
  it('the share lost is that of the half-month that loses most', () => {
    const costs = costsOf(
      coverage(input),
      coverage(withChange(input, { kind: 'cut', planting: 'p', cut: { on: '06-16', count: 1 } })),
    );
    // One of two phlox cut: 0.75 of 3 units of late June, a quarter.
    expect(costSentences(costs, hereOf)[0]!.text).toContain('up to 25 % less in late June');
  });
  it('sowings and sisters', () => {
    const bloom = { from: 244, to: 289 };
    expect(floweringWords({ kind: 'sown', indoors: false, bloom }, String)).toBe(
      'sown in place, flowers 1 September to 16 October',
    );
    expect(floweringWords({ kind: 'sister', of: 'aster', near: true, days: 123, bloom }, String)).toBe(
      'a sister of aster, 123 days later; flowers 1 September to 16 October',
    );
    expect(floweringWords({ kind: 'sister', of: 'aster', near: false, days: -2, bloom: null }, String)).toBe(
      'like aster, at the same time; does not flower',
    );
  });
  it('caterpillars on what is cut', () => {
    expect(eatersWords([], String)).toBe('');
    expect(eatersWords(['azure'], String)).toBe('Look for eggs and caterpillars first: azure feeds on it then.');
    expect(eatersWords(['azure', 'brown'], String)).toContain('azure and brown feed on it then.');
  });
});
