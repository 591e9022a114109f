import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Point } from '../../model/yard';
import { holds } from '../yard/geometry';
import { block, rectangle, tree, wall } from '../../testing/worked-yard';
import { sunOfBeds, type LitSite, byMonth, lightSeason, sunWhen } from './bed-sun';
import { grownHeight, obstructionsOf, type Obstruction } from './obstructions';
import { gridOf, lightNow, sunLayers } from './raster';
import { lightAt, shadesAt } from './shade';
import { sunAt, sunPath, type Sun } from './sun-path';

const DEGREES = 180 / Math.PI;
const EQUINOX = 79; // 20 March
const JUNE = 172; // 21 June
const southWall = wall(
  [
    [-50, 0],
    [50, 0],
  ],
  2,
);
const openAt = (sun: Sun, things: Parameters<typeof obstructionsOf>[0], point: Point, north = 0, h = 12, z = 0) =>
  lightAt(shadesAt(obstructionsOf(things, h), sun, north), point, z);

describe('the sun', () => {
  it.each([25, 32, 40, 48, 55])('at latitude %i stands 90° less the latitude high at equinox noon, due south', (lat) => {
    const { altitude, azimuth } = sunAt(lat, -75, EQUINOX, 0);
    expect(altitude * DEGREES).toBeCloseTo(90 - lat, 0);
    expect(azimuth * DEGREES).toBeCloseTo(180, 0);
  });
  it('stands 23.4° higher at the June solstice, and runs twelve hours at the equinox', () => {
    expect(sunAt(40, -75, JUNE, 0).altitude * DEGREES).toBeCloseTo(73.4, 0);
    // Twelve hours less the time below three degrees: 3° ÷ (15° × cos 40°) at either end, a quarter of an hour.
    const path = sunPath(40, -75, 5, 10);
    expect(path.length / 6).toBeGreaterThan(11.3);
    expect(path.length / 6).toBeLessThan(12.1);
    expect(path.filter((sun) => sun.hour < 0).length).toBe(path.length / 2);
    expect(path[0]!.azimuth * DEGREES).toBeLessThan(110);
  });
});

describe('the shadow of a wall, by hand', () => {
  // A wall of height h throws h × tan(latitude) northward at equinox noon.
  it.each([25, 32, 40, 48, 55])('two metres high at latitude %i', (lat) => {
    const sun = sunAt(lat, -75, EQUINOX, 0);
    const length = 2 * Math.tan(lat / DEGREES);
    expect(openAt(sun, [southWall], [0, length - 0.05])).toBe(0);
    expect(openAt(sun, [southWall], [0, length + 0.05])).toBe(1);
    expect(openAt(sun, [southWall], [0, -0.1])).toBe(1);
  });
  it('is as long on a page that is turned', () => {
    const sun = sunAt(40, -75, EQUINOX, 0);
    // The page's top is east: north lies to the left, and a wall from top to bottom shades to its left.
    const turned = wall(
      [
        [0, -50],
        [0, 50],
      ],
      2,
    );
    expect(openAt(sun, [turned], [-1.6, 0], 90)).toBe(0);
    expect(openAt(sun, [turned], [-1.75, 0], 90)).toBe(1);
    expect(openAt(sun, [turned], [1, 0], 90)).toBe(1);
  });
  it('falls short of a bed raised above the ground', () => {
    const sun = sunAt(40, -75, EQUINOX, 0);
    // The wall is one metre higher than the bed: tan 40° = 0.84 m of shade.
    expect(openAt(sun, [southWall], [0, 0.75], 0, 12, 1)).toBe(0);
    expect(openAt(sun, [southWall], [0, 0.95], 0, 12, 1)).toBe(1);
  });
  it('is thinner behind slats', () => {
    const slats = { ...southWall, traits: { height_m: 2, lets_through: 0.4 } };
    expect(openAt(sunAt(40, -75, EQUINOX, 0), [slats], [0, 1])).toBeCloseTo(0.4);
  });
});

describe('roofs, crowns and slopes, by hand', () => {
  const noon = sunAt(45, -75, EQUINOX, 0); // 45° high: every height throws its own length
  it('a roof on posts shades its own size, thrown north', () => {
    const roof = block(rectangle(0, 0, 4, 2), 3.01, 3);
    expect(openAt(noon, [roof], [2, 4])).toBe(0);
    expect(openAt(noon, [roof], [2, 1])).toBe(1);
    expect(openAt(noon, [roof], [2, 5.2])).toBe(1);
    expect(openAt(noon, [roof], [5, 4])).toBe(1);
  });
  it('a house is dark inside and throws its height', () => {
    const house = block(rectangle(0, 0, 6, 6), 5);
    expect(openAt(noon, [house], [3, 3])).toBe(0);
    expect(openAt(noon, [house], [3, 10.8])).toBe(0);
    expect(openAt(noon, [house], [3, 11.2])).toBe(1);
  });
  it('a crown’s shade lies as far north as its middle is high', () => {
    // Crown from 2 to 10 m: its middle is 6 m up. Radius 4, so the shade's edge is 4 m east of its middle.
    const shade = (x: number) => openAt(noon, [tree([0, 0])], [x, 6]);
    expect(shade(0)).toBeCloseTo(0.1);
    expect(shade(3.9)).toBeCloseTo(0.1);
    expect(shade(4.1)).toBe(1);
    expect(openAt(noon, [tree([0, 0])], [0, -1])).toBe(1);
  });
  it('is thin while the twigs are bare', () => {
    expect(openAt(noon, [tree([0, 0])], [0, 6], 0, 3)).toBeCloseTo(0.6);
    expect(openAt(noon, [tree([0, 0], { leaf: 'evergreen' })], [0, 6], 0, 3)).toBeCloseTo(0.1);
  });
  it('two crowns in line let through the share of a share', () => {
    expect(openAt(noon, [tree([0, 0]), tree([0, -1])], [0, 6])).toBeCloseTo(0.01);
  });
  it('a steep north slope loses the low sun, a south slope keeps it', () => {
    const slope = (faces_deg: number) => ({
      id: 's',
      revision: 0,
      kind: 'slope' as const,
      name: 'Bank',
      points: rectangle(0, 0, 5, 5),
      traits: { fall_pct: 60, faces_deg },
    });
    // 21 December at 45°: the sun is 21.6° high, a climb of 0.4 in 1; the bank falls 0.6 in 1.
    const winter = sunAt(45, -75, 355, 0);
    expect(openAt(winter, [slope(0)], [2, 2])).toBe(0);
    expect(openAt(winter, [slope(0)], [8, 2])).toBe(1);
    expect(openAt(winter, [slope(180)], [2, 2])).toBe(1);
  });
});

/** The same question asked slowly: walk along the ray by two centimetres and look what one is in. */
function marched(obstructions: readonly Obstruction[], sun: Sun, [x, y]: Point): number {
  const [dx, dy, climb] = [Math.sin(sun.azimuth), Math.cos(sun.azimuth), Math.tan(sun.altitude)];
  let light = 1;
  for (const one of obstructions) {
    const top = one.kind === 'block' ? one.top : one.kind === 'crown' ? one.z + one.halfHeight : 0;
    for (let away = 0; away * climb <= top; away += 0.02) {
      const [px, py, pz] = [x + dx * away, y + dy * away, away * climb];
      const inside =
        one.kind === 'block'
          ? pz >= one.base && pz < one.top && holds(one.points as Point[], [px, py])
          : one.kind === 'crown' &&
            Math.hypot(px - one.x, py - one.y) ** 2 / one.radius ** 2 + (pz - one.z) ** 2 / one.halfHeight ** 2 <= 1;
      if (inside) {
        light *= one.kind === 'tilt' ? 1 : one.lets;
        break;
      }
    }
  }
  return light;
}

describe('beside a plain slow ray-march', () => {
  it('agrees everywhere but on the very edge of a shadow', () => {
    const metres = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    const scene = fc.record({
      house: fc.record({
        x: metres(2, 20),
        y: metres(2, 20),
        w: metres(1, 8),
        d: metres(1, 8),
        top: metres(2, 9),
        base: metres(0, 2),
      }),
      crown: fc.record({ x: metres(2, 25), y: metres(2, 25), r: metres(1, 5), clear: metres(0, 3), height: metres(4, 14) }),
      lat: metres(25, 55),
      day: fc.integer({ min: 1, max: 365 }),
      hour: metres(-4, 4),
      points: fc.array(fc.tuple(metres(0, 30), metres(0, 30)), { minLength: 20, maxLength: 20 }),
    });
    let asked = 0;
    let differ = 0;
    fc.assert(
      fc.property(scene, ({ house, crown, lat, day, hour, points }) => {
        const sun = sunAt(lat, -80, day, hour);
        fc.pre(sun.altitude > 0.1);
        const things = [
          block(rectangle(house.x, house.y, house.w, house.d), house.top, house.base < 0.5 ? 0 : house.base),
          tree([crown.x, crown.y], { height_m: crown.height, crown_m: crown.r, clear_m: crown.clear }),
        ];
        const obstructions = obstructionsOf(things, 12);
        const shades = shadesAt(obstructions, sun, 0);
        for (const point of points) {
          asked++;
          if (Math.abs(lightAt(shades, point) - marched(obstructions, sun, point)) > 1e-9) differ++;
        }
      }),
      { numRuns: 150, seed: 7 },
    );
    expect(asked).toBeGreaterThan(2000);
    expect(differ / asked).toBeLessThan(0.005);
  });
});

describe('the raster', () => {
  const things = [block(rectangle(10, 10, 5, 5), 4), tree([20, 10]), southWall];
  const yard = { width_m: 30, depth_m: 25, north_deg: 20 };
  const grid = gridOf(yard, 1);
  it('gives every cell what a single question gives it', () => {
    const sun = sunAt(40, -75, EQUINOX, 2.3);
    const light = lightNow(grid, obstructionsOf(things, 12), yard.north_deg, sun);
    const shades = shadesAt(obstructionsOf(things, 12), sun, yard.north_deg);
    for (let row = 0; row < grid.rows; row++)
      for (let column = 0; column < grid.columns; column++)
        expect(light[row * grid.columns + column]).toBeCloseTo(lightAt(shades, [column + 0.5, row + 0.5]), 6);
  });
  it('comes half-month by half-month, in the order asked for, and open ground has the whole day', () => {
    const layers = [...sunLayers({ width_m: 2, depth_m: 2, north_deg: 0 }, [], { lat: 40, lon: -75 }, [12, 5], { cell_m: 1 })];
    expect(layers.map((layer) => layer.halfMonth)).toEqual([12, 5]);
    // Early July at 40° has 14.9 hours of day, 0.6 of it below three degrees, in steps of ten minutes at either end.
    const total = layers[0]!.beforeNoon[0]! + layers[0]!.afterNoon[0]!;
    expect(total).toBeGreaterThan(13.9);
    expect(total).toBeLessThan(14.6);
    expect(layers[0]!.beforeNoon[0]).toBeCloseTo(layers[0]!.afterNoon[0]!, 0);
  });
  it('is a metre short of nothing at the edges', () => {
    expect(gridOf({ width_m: 10.2, depth_m: 3, north_deg: 0 }, 0.5)).toEqual({ columns: 21, rows: 6, cell_m: 0.5 });
  });
});

const bedSun = (bed: LitSite, ...rest: Parameters<typeof sunOfBeds> extends [unknown, ...infer R] ? R : never) =>
  sunOfBeds([bed], ...rest).get(bed.id);

describe('a bed’s sun', () => {
  const place = { lat: 40, lon: -75, last_frost: '04-20', first_frost: '10-25' };
  const yard = { width_m: 20, depth_m: 20, north_deg: 0 };
  const bed = { id: 'bed', outline: rectangle(8, 8, 4, 4), height_m: 0, pot: null };
  it('is not known before it is drawn', () => {
    expect(sunOfBeds([{ id: 'x', outline: [], height_m: 0, pot: null }], yard, [], place).size).toBe(0);
  });
  it('is a morning’s behind a high wall to the west, an afternoon’s behind one to the east', () => {
    const west = wall(
      [
        [7.9, -30],
        [7.9, 50],
      ],
      12,
    );
    const east = wall(
      [
        [12.1, -30],
        [12.1, 50],
      ],
      12,
    );
    const [morning, afternoon] = [bedSun(bed, yard, [west], place)!.season, bedSun(bed, yard, [east], place)!.season];
    expect(morning.sun_when).toBe('morning');
    expect(morning.after).toBeLessThan(2);
    expect(afternoon.sun_when).toBe('afternoon');
    // Sun and walls are mirrored in the meridian.
    expect(morning.sun_h).toBeCloseTo(afternoon.sun_h, 0);
  });
  it('lies at midday between two walls', () => {
    const walls = [8, 12].map((x) =>
      wall(
        [
          [x, -30],
          [x, 50],
        ],
        8,
      ),
    );
    expect(bedSun(bed, yard, walls, place)!.season.sun_when).toBe('midday');
  });
  it('is less when the oak to its south has grown', () => {
    const oak = tree([10, 2], { height_m: 6, crown_m: 2.5, grows_m: 0.6, grown_m: 18 });
    const [now, later] = [0, 10].map((years) => bedSun(bed, yard, [oak], place, years)!.season.sun_h);
    expect(later!).toBeLessThan(now! - 0.3);
  });
  it('of the season needs no more than the season', () => {
    const oak = [tree([10, 2])];
    const season = sunOfBeds([bed], yard, oak, place, 0, lightSeason(place)).get('bed')!;
    expect(season.season).toEqual(bedSun(bed, yard, oak, place)!.season);
    expect(season.year[0]).toEqual({ before: 0, after: 0, midday: 0 });
  });
  it('is given by month as the mean of its halves', () => {
    const year = bedSun(bed, yard, [], place)!.year;
    expect(byMonth(year)[5]!.before).toBeCloseTo((year[10]!.before + year[11]!.before) / 2);
  });
  it.each([
    ['4 h before noon, 1 after', 4, 1, 1, 'morning'],
    ['1 before, 4 after', 1, 4, 1, 'afternoon'],
    ['2 and 2, all near noon', 2, 2, 4, 'midday'],
    ['6 and 6', 6, 6, 4, 'all-day'],
    ['none', 0, 0, 0, 'all-day'],
  ] as const)('%s', (_, before, after, midday, when) => expect(sunWhen({ before, after, midday })).toBe(when));
});

describe('growth and the light season', () => {
  it('ends where the kind ends, and never shrinks a tall one', () => {
    const crown = { height_m: 6, grows_m: 0.5, grown_m: 9 };
    expect(grownHeight(crown, 5)).toBe(8.5);
    expect(grownHeight(crown, 10)).toBe(9);
    expect(grownHeight({ ...crown, height_m: 12 }, 10)).toBe(12);
  });
  it('runs between the frosts, and from March to October where there are none', () => {
    // 21 April to 24 October: late April (21–30, ten of fifteen days) to late October (16–24, nine of sixteen).
    expect(lightSeason({ last_frost: '04-20', first_frost: '10-25' })).toEqual([7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19]);
    expect(lightSeason({ last_frost: null, first_frost: null })).toHaveLength(16);
    expect(lightSeason({ last_frost: '07-20', first_frost: '07-25' })).toEqual([12, 13]);
  });
});
