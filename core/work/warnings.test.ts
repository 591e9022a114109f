import { describe, expect, it } from 'vitest';
import { gardenHere } from '../garden/here';
import { dayNumber } from '../model/days';
import type { Work } from '../model/work';
import type { Thing } from '../model/yard';
import type { Weather, WeatherDay } from '../place/weather/weather';
import { doneWork } from '../testing/why-day';
import { care, libraryOf, plant, planting, recordsIn, site } from '../testing/worked-garden';
import { normalShare } from './warnings';

const lantana = plant('lantana', { zone_min: '9a', kind: 'shrub' });
const zinnia = plant('zinnia', { kind: 'annual', blooms_to_frost: true, bloom_last: 19 });
const rows = [
  care('any', 'water', { thirst: 'even' }),
  care('lantana', 'bring-in', { place: 'pot', from: 'cool-nights 5', until: 'cool-nights 5+7' }),
  care('lantana', 'take-out', { place: 'pot', from: 'warm-nights 8', until: 'warm-nights 8+14' }),
];
const pot = site('pot', { kind: 'container', volume_l: 20, area_m2: 0.12 });
const bed = site('bed', {
  texture: 'sand',
  outline: [
    [0, 0],
    [4, 0],
    [4, 2],
    [0, 2],
  ],
});
const library = libraryOf({ plants: [lantana, zinnia], targets: [], hosts: [], care: rows });
const mild: WeatherDay = { low_c: 12, high_c: 22, rain_mm: 0, et0_mm: 2 };

function warningsOf(
  today: string,
  forecast: Partial<WeatherDay>[],
  past: Partial<WeatherDay>[] = [{ rain_mm: 20 }],
  work: Work[] = [],
  things: Thing[] = [],
) {
  const weather: Weather = {
    first: dayNumber(today) - past.length + 1,
    past: past.map((day) => ({ ...mild, ...day })),
    forecast: Array.from({ length: 7 }, (_, i) => ({ ...mild, ...forecast[i] })),
  };
  const plantings = [
    planting('l', 'lantana', 2, { state: 'in-ground', planted_year: 2026, site_id: 'pot' }),
    planting('z', 'zinnia', 9, { state: 'in-ground', planted_year: 2026 }),
  ];
  const records = recordsIn({ plants: [lantana, zinnia], targets: [], hosts: [] }, plantings, { sites: [bed, pot], things });
  const garden = gardenHere(records, library);
  return { day: garden.work.on(weather, work), warnings: garden.work.on(weather, work).warnings };
}
const kinds = (of: ReturnType<typeof warningsOf>) => of.warnings.map((row) => row.kind);

describe('a cold night', () => {
  it('is warned of where it is below a plant’s own limit, with what is done about each', () => {
    const { warnings } = warningsOf('2026-08-10', [{}, { low_c: 5 }]);
    expect(warnings).toMatchObject([
      { kind: 'frost', day: dayNumber('2026-08-12'), low_c: 5, tender: [{ plant: 'lantana', limit_c: 5, does: 'bring-in' }] },
    ]);
    // Below freezing the annuals go as well.
    const [frost] = warningsOf('2026-08-10', [{}, { low_c: 0 }]).warnings;
    expect(frost).toMatchObject({ tender: [{ plant: 'lantana' }, { plant: 'zinnia', limit_c: 1, does: 'cover' }] });
  });
  it('is none where it is not; in the next three nights with two degrees of doubt', () => {
    expect(kinds(warningsOf('2026-08-10', [{ low_c: 7 }]))).toEqual(['frost']);
    expect(kinds(warningsOf('2026-08-10', [{ low_c: 7.1 }]))).toEqual([]);
    expect(kinds(warningsOf('2026-08-10', [{}, {}, {}, { low_c: 5.1 }]))).toEqual([]);
    expect(kinds(warningsOf('2026-08-10', [{}, {}, {}, { low_c: 5 }]))).toEqual(['frost']);
  });
  it('spares what was brought in, until it was taken out again', () => {
    const first = warningsOf('2026-08-10', [{ low_c: 4 }]);
    const key = first.day.tasks.find((task) => task.action === 'bring-in')!.key;
    expect(kinds(warningsOf('2026-08-11', [{ low_c: 4 }], [{ rain_mm: 20 }], [doneWork(key, '2026-08-10')]))).toEqual([]);
  });
});

describe('other weather', () => {
  it('a flash freeze: a fall of twelve degrees from one night to the next, to −4 °C', () => {
    expect(kinds(warningsOf('2026-12-10', [{ low_c: 9 }, { low_c: -4 }]))).toContain('flash-freeze');
    expect(kinds(warningsOf('2026-12-10', [{ low_c: 7 }, { low_c: -4 }]))).not.toContain('flash-freeze');
    expect(kinds(warningsOf('2026-12-10', [{ low_c: 12 }, { low_c: -3 }]))).not.toContain('flash-freeze');
  });
  it('heat, with the pots and what is new', () => {
    expect(warningsOf('2026-07-10', [{ high_c: 32 }]).warnings).toMatchObject([
      { kind: 'heat', pots: ['pot'], young: [{ plant: 'zinnia' }] },
    ]);
    expect(kinds(warningsOf('2026-07-10', [{ high_c: 31.9 }]))).toEqual([]);
  });
  it('a dry spell: twelve days without five millimetres, where a bed is dry', () => {
    const days = (n: number) => [{ rain_mm: 9 }, ...Array.from({ length: n }, () => ({ rain_mm: 1, et0_mm: 6 }))];
    expect(kinds(warningsOf('2026-07-10', [], days(12)))).toContain('dry-spell');
    expect(kinds(warningsOf('2026-07-10', [], days(11)))).not.toContain('dry-spell');
  });
  it('heavy rain, on a slope', () => {
    const slope: Thing = {
      id: 's',
      revision: 0,
      kind: 'slope',
      name: 'Bank',
      points: [
        [-1, -1],
        [9, -1],
        [9, 9],
        [-1, 9],
      ],
      traits: { fall_pct: 20, faces_deg: 180 },
    };
    expect(warningsOf('2026-07-10', [{ rain_mm: 40 }], undefined, [], [slope]).warnings).toMatchObject([
      { kind: 'heavy-rain', sites: ['bed'] },
    ]);
    expect(kinds(warningsOf('2026-07-10', [{ rain_mm: 40 }]))).toEqual([]);
  });
});

describe('a frost that nears', () => {
  // On average 20 April and 25 October, ten days of standard deviation.
  it.each([
    ['2026-03-29', []],
    ['2026-03-30', ['last-frost-nears']],
    ['2026-05-09', ['last-frost-nears']],
    ['2026-05-12', []],
    ['2026-10-03', []],
    ['2026-10-04', ['first-frost-nears']],
  ])('on %s: %j', (day, found) => expect(kinds(warningsOf(day, []))).toEqual(found));
  it('has the odds of the normal distribution: even on its average day, one in ten after 1.28 deviations', () => {
    expect((warningsOf('2026-04-20', []).warnings[0] as { odds: number }).odds).toBeCloseTo(0.5);
    expect((warningsOf('2026-05-03', []).warnings[0] as { odds: number }).odds).toBeCloseTo(0.1, 1);
  });
  it.each([
    [0, 0.5],
    [1.28155, 0.9],
    [-1.28155, 0.1],
    [1.95996, 0.975],
    [-3, 0.00135],
  ])('%f deviations: a share of %f lies below', (deviations, share) => expect(normalShare(deviations)).toBeCloseTo(share, 4));
});
