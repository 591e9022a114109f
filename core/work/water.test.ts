import { describe, expect, it } from 'vitest';
import { gardenHere } from '../garden/here';
import { dayNumber } from '../model/days';
import type { Site } from '../model/garden';
import type { Work } from '../model/work';
import type { Thing } from '../model/yard';
import type { Weather, WeatherDay } from '../place/weather/weather';
import { withOwnDays } from '../place/weather/weather';
import { doneWork } from '../testing/why-day';
import { care, libraryOf, plant, planting, recordsIn, site } from '../testing/worked-garden';
import { waterKey } from './water';

/**
 * A bed of sand in full sun with young plants: 0.3 m of it hold (0.13 − 0.05) × 300 = 24 mm. A day's thirst of 4 mm is
 * 4 × 0.75 (planted, mulched) = 3 mm of it, less once half is gone.
 */
const young = plant('young', { spacing_cm: 50 });
const library = libraryOf({
  plants: [young],
  targets: [],
  hosts: [],
  care: [care('any', 'water', { thirst: 'even', minutes: null })],
});
const TODAY = '2026-07-15';
const dry: WeatherDay = { low_c: 15, high_c: 25, rain_mm: 0, et0_mm: 4 };

/** Weather of some days up to today, the last ones given. */
function weather(days: Partial<WeatherDay>[], tomorrow: Partial<WeatherDay> = {}): Weather {
  return {
    first: dayNumber(TODAY) - days.length + 1,
    past: days.map((day) => ({ ...dry, ...day })),
    forecast: [{ ...dry, ...tomorrow }, ...Array.from({ length: 6 }, () => dry)],
  };
}
const rows = (n: number) => Array.from({ length: n }, () => ({}));
function waterIn(known: Weather, over: Partial<Site> = {}, said: Work[] = [], things: Thing[] = [], lib = library) {
  const bed = site('bed', { texture: 'sand', area_m2: 10, sun_h: 8, ...over });
  const records = recordsIn(
    { plants: [young], targets: [], hosts: [] },
    [planting('p', 'young', 8, { state: 'in-ground', planted_year: 2026 })],
    { sites: [bed], things },
  );
  const day = gardenHere(records, lib).work.on(known, said);
  return { row: day.water[0]!, task: day.tasks.find((task) => task.action === 'water') };
}
const given = (on_day: string, litres: number | null): Work => doneWork(waterKey('bed'), on_day, { litres });

describe('the daily bucket of a bed', () => {
  it('loses three of twenty-four millimetres a day until half is left, then less', () => {
    // 21, 18, 15, 12: four days leave a half exactly.
    expect(waterIn(weather(rows(4))).row.all[0]!.held).toBeCloseTo(0.5);
    expect(waterIn(weather(rows(5))).row.all[0]!.held).toBeCloseTo(9 / 24);
    // Of 9 mm, three quarters of a half: 3 × 0.75 = 2.25 go.
    expect(waterIn(weather(rows(6))).row.all[0]!.held).toBeCloseTo(6.75 / 24);
  });
  it('is watered once less than half is left, with what fills it and is not lost', () => {
    expect(waterIn(weather(rows(4))).task).toBeUndefined();
    const { row, task } = waterIn(weather(rows(5)));
    // 0.95 × 24 − 9 = 13.8 mm on eight times a quarter square metre: 27.6 litres.
    expect(row.litres).toBe(28);
    expect(task).toMatchObject({ standing: 'today', amounts: [{ amount: 28, unit: 'l of water' }] });
    // 27.6 litres at 12 a minute.
    expect(row.minutes).toBeCloseTo(2.3);
  });
  it('fills with rain, nine tenths of which stay', () => {
    // 9 mm after five days; 10 of rain put 9 to it before the sixth day's three.
    expect(waterIn(weather([...rows(5), { rain_mm: 10 }])).row.all[0]!.held).toBeCloseTo(15 / 24);
    expect(waterIn(weather([...rows(9), { rain_mm: 40 }])).row.all[0]!.held).toBeCloseTo(21 / 24);
  });
  it('a bed is not watered on a day of rain, nor where tomorrow’s will do', () => {
    expect(waterIn(weather([...rows(20), { rain_mm: 5 }])).task).toBeUndefined();
    expect(waterIn(weather(rows(8), { rain_mm: 6 })).task).toBeUndefined();
    expect(waterIn(weather(rows(8), { rain_mm: 3 })).task).toBeDefined();
  });
  it('what was given counts from its day: so many litres, or as much as it takes', () => {
    const known = weather(rows(8));
    expect(waterIn(known, {}, [given('2026-07-14', null)]).task).toBeUndefined();
    // 20 litres on 2 m² are 10 mm. After seven days without, 9 → 6.75 → 5.0625; 15.06 with it; then 3 less.
    expect(waterIn(known, {}, [given('2026-07-14', 20)]).row.all[0]!.held).toBeCloseTo((6.75 - 1.6875 + 10 - 3) / 24, 2);
  });
  it('loses less in shade', () => {
    // Without sun six tenths: 1.8 mm a day.
    expect(waterIn(weather(rows(5)), { sun_h: 0 }).row.all[0]!.held).toBeCloseTo((24 - 9) / 24);
  });
  it('rests in the cold', () => {
    const cold = rows(8).map(() => ({ low_c: 0, high_c: 8 }));
    expect(waterIn(weather(cold)).task).toBeUndefined();
  });
  it('of plants that are never watered stays as it is', () => {
    const none = libraryOf({ plants: [young], targets: [], hosts: [], care: [care('any', 'water', { thirst: 'none' })] });
    expect(waterIn(weather(rows(60)), {}, [], [], none).task).toBeUndefined();
    const never = libraryOf({
      plants: [young],
      targets: [],
      hosts: [],
      care: [care('any', 'water', { thirst: 'even' }), care('young', 'water', { never: true, from: '06-01', until: '09-30' })],
    });
    expect(waterIn(weather(rows(60)), {}, [], [], never).task).toBeUndefined();
  });
});

describe('how the water is brought', () => {
  const outline: [number, number][] = [
    [0, 0],
    [5, 0],
    [5, 2],
    [0, 2],
  ];
  const tap = (hose_m: number): Thing => ({
    id: 't',
    revision: 0,
    kind: 'tap',
    name: 'Tap',
    points: [[0, 0]],
    traits: { hose_m },
  });
  it('in cans beyond the reach of the hose', () => {
    const far = waterIn(weather(rows(5)), { outline }, [], [tap(2)]).row;
    expect(far.by).toBe('cans');
    // 27.6 litres are 3.07 cans of nine, two and a half minutes each.
    expect(far.minutes).toBeCloseTo((27.6 / 9) * 2.5);
    expect(waterIn(weather(rows(5)), { outline }, [], [tap(20)]).row.by).toBe('hose');
  });
  it('in parts on a slope', () => {
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
    const { row, task } = waterIn(weather(rows(5)), { outline }, [], [slope]);
    expect(row.inParts).toBe(true);
    expect(task!.steps.join(' ')).toMatch(/two or three goes/);
    expect(waterIn(weather(rows(5)), { outline }).row.inParts).toBe(false);
  });
});

describe('a pot', () => {
  // A round pot of 40 cm: 0.1257 m² of top. Its frustum holds π × 30 ÷ 3 × (400 + 300 + 225) cm³, 29.06 litres:
  // a quarter of them is 57.8 mm on it.
  const pot = {
    kind: 'container',
    volume_l: 29,
    area_m2: 0.1257,
    pot: {
      shape: 'round',
      top_cm: 40,
      across_cm: null,
      base_cm: 30,
      depth_cm: 30,
      count: 1,
      material: 'clay',
      exposure: 'open',
      winter: 'school',
    },
  } as const;
  it('drinks faster than the ground, and catches less rain', () => {
    // 4 × 0.75 × 1.2 = 3.6 mm a day.
    expect(waterIn(weather(rows(2)), pot).row.all[0]!.held).toBeCloseTo((57.81 - 7.2) / 57.81, 2);
    // Six tenths of 10 mm, then a day's thirst.
    expect(waterIn(weather([...rows(3), { rain_mm: 10 }]), pot).row.all[0]!.held).toBeCloseTo(
      (57.81 - 10.8 + 6 - 3.6) / 57.81,
      2,
    );
  });
  it('under a roof catches none', () => {
    const sheltered = { ...pot, pot: { ...pot.pot, exposure: 'sheltered' as const } };
    expect(waterIn(weather([...rows(3), { rain_mm: 10 }]), sheltered).row.all[0]!.held).toBeCloseTo((57.81 - 14.4) / 57.81, 2);
  });
  it('at rest gets a little every four weeks', () => {
    const cold = rows(200).map(() => ({ low_c: -2, high_c: 6, et0_mm: 0.6 }));
    const { task } = waterIn(weather(cold), pot);
    expect(task).toBeDefined();
    expect(waterIn(weather(cold), pot, [given('2026-07-01', null)]).task).toBeUndefined();
  });
});

it('readings of one’s own count before the station’s', () => {
  const known = weather(rows(10));
  const own = { id: 'o', revision: 0, on_day: TODAY, low_c: null, high_c: null, rain_mm: 30 };
  expect(waterIn(known).task).toBeDefined();
  expect(waterIn(withOwnDays(known, [own])).task).toBeUndefined();
  // A low above the station's high lifts it; days outside of what is known are left.
  expect(withOwnDays(known, [{ ...own, rain_mm: null, low_c: 27 }]).past.at(-1)).toMatchObject({
    low_c: 27,
    high_c: 27,
    rain_mm: 0,
  });
  expect(withOwnDays(known, [{ ...own, on_day: '2020-01-01' }]).past).toEqual(known.past);
});
