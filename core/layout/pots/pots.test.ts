import { describe, expect, it } from 'vitest';
import type { PotFields } from '../../model/garden';
import { FRESH_POT } from '../../place/containers/kinds';
import { plant } from '../../testing/worked-garden';
import { arrangePot, roleOf, type PotKind } from './arrange-pot';
import { quarrelsOf } from './company';
import { inPattern, potHalves, potHolds, seatsOf } from './seats';
import { potFill } from './stay';

const POT: PotFields = { ...FRESH_POT, top_cm: 40 };
const TROUGH: PotFields = { ...FRESH_POT, shape: 'box', top_cm: 100, across_cm: 40, count: 1 };
const kind = (id: string, count: number, role: PotKind['role'], over: Partial<PotKind> = {}): PotKind => ({
  plant: id,
  count,
  role,
  height: 40,
  colour: null,
  ...over,
});

describe('seats', () => {
  it('a 40 cm pot holds five, one of them tall: 1,257 cm² at 240 for each', () =>
    expect(potHolds(POT)).toEqual({ plants: 5, tall: 1 }));
  it('the tall one sits in the middle, the four around it evenly, none outside', () => {
    const seats = seatsOf(POT, 1, 4, false);
    expect(seats.filter((seat) => seat.at === 'middle')).toEqual([{ x: 0, y: 0, at: 'middle', pot: 0 }]);
    for (const { x, y } of seats) expect(Math.hypot(x, y)).toBeLessThan(0.2);
    // The ring begins in front.
    expect(seats[1]!.x).toBeCloseTo(0);
    expect(seats[1]!.y).toBeLessThan(0);
  });
  it('against a wall the tall one is at the back and nobody behind it', () => {
    const seats = seatsOf(POT, 1, 4, true);
    const [tall, ...others] = seats;
    expect(tall!.y).toBeGreaterThan(0);
    for (const { y } of others) expect(y).toBeLessThan(tall!.y);
  });
  it('of a trough few plants stand along its length, the tall among them', () => {
    const seats = seatsOf(TROUGH, 1, 4, false);
    const xs = seats.map(({ x }) => x).sort((a, b) => a - b);
    for (let i = 1; i < xs.length; i++) expect(xs[i]! - xs[i - 1]!).toBeCloseTo(0.18);
    expect(seats[0]).toMatchObject({ x: 0, y: 0, at: 'middle' });
  });
  it('pots alike stand side by side and share the plants', () => {
    const seats = seatsOf({ ...POT, count: 2 }, 2, 5, false);
    expect(seats.filter(({ pot }) => pot === 0)).toHaveLength(3);
    expect(seats.filter(({ pot }) => pot === 1)).toHaveLength(4);
    expect(potHalves(POT)).toEqual([0.2, 0.2]);
  });
});

describe('patterns', () => {
  it('every other: two kinds of three alternate', () => {
    const order = inPattern([3, 3], 'alternate');
    for (let i = 1; i < order.length; i++) expect(order[i]).not.toBe(order[i - 1]);
  });
  it('blocks: each kind by itself', () => expect(inPattern([2, 3], 'blocks')).toEqual([0, 0, 1, 1, 1]));
  it('mirrored: left and right of the front are alike', () => {
    const order = inPattern([2, 2, 2], 'mirrored');
    for (let i = 1; i < 3; i++) expect(order[i]).toBe(order[6 - i]);
    expect([...order].sort()).toEqual([0, 0, 1, 1, 2, 2]);
  });
});

describe('a pot arranged', () => {
  const kinds = [kind('reed', 1, 'upright', { height: 90 }), kind('sage', 2, 'filler'), kind('verbena', 2, 'trailing')];
  const placed = arrangePot(POT, kinds, 'alternate', false);

  it('has all its plants, the tall one in the middle', () => {
    expect(placed).toHaveLength(5);
    expect(placed.find((row) => row.at === 'middle')!.kind).toBe(0);
  });
  it('two of a kind sit with others between them', () => {
    const ring = placed.filter((row) => row.at !== 'middle').map((row) => row.kind);
    ring.forEach((one, i) => expect(ring[(i + 1) % ring.length]).not.toBe(one));
  });
  it('trailers hang over the rim', () => {
    for (const row of placed.filter((one) => one.kind === 2)) expect(row.at).toBe('rim');
  });
  it('in blocks those of a kind sit together', () => {
    const ring = arrangePot(POT, kinds, 'blocks', false)
      .filter((row) => row.at !== 'middle')
      .map((row) => row.kind);
    expect(ring.filter((one, i) => one === ring[(i + 1) % ring.length])).toHaveLength(2);
  });
  it('one plant alone sits in the middle, whatever it is', () => {
    expect(arrangePot(POT, [kind('sage', 1, 'filler')], 'alternate', false)).toMatchObject([{ x: 0, y: 0, kind: 0 }]);
  });
  it('more than it holds are all seated', () =>
    expect(arrangePot(POT, [kind('sage', 12, 'filler')], 'alternate', false)).toHaveLength(12));
});

it('the part of a plant follows its row, else its height', () => {
  const row = { container_role: null, kind: 'perennial', height_max_cm: 30, spread_cm: 30 };
  expect(roleOf({ ...row, container_role: 'trailing', height_max_cm: 90 })).toBe('trailing');
  expect(roleOf({ ...row, height_max_cm: 90 })).toBe('upright');
  expect(roleOf({ ...row, spread_cm: 60 })).toBe('trailing');
  expect(roleOf(row)).toBe('filler');
});

describe('those who share a pot', () => {
  it('a dry one and a wet one disagree in water, and it is said who', () => {
    const dry = plant('sedum', { moisture_min: 1, moisture_max: 2 });
    const wet = plant('lobelia', { moisture_min: 4, moisture_max: 5 });
    expect(quarrelsOf([dry, wet, plant('aster')])).toEqual([{ in: 'water', less: 'sedum', more: 'lobelia' }]);
  });
  it('light, acidity and drainage are asked as well', () => {
    const fern = plant('fern', { sun_min_h: 0, sun_max_h: 3, ph_min: 4, ph_max: 5, drainage: 'wet' });
    const sage = plant('sage', { sun_min_h: 6, sun_max_h: 14, ph_min: 6.5, ph_max: 7.5, drainage: 'sharp' });
    expect(quarrelsOf([fern, sage]).map((row) => row.in)).toEqual(['light', 'acidity', 'drainage']);
    expect(quarrelsOf([sage, plant('aster')])).toEqual([]);
  });
});

it('a quarter of the mix is grit where something wants sharp drainage, and annuals are fed', () => {
  const fill = potFill(POT, [{ drainage: 'sharp', kind: 'perennial' }]);
  expect(fill.grit_l).toBeCloseTo(fill.mix_l / 4);
  expect(fill.slowFeed_g).toBe(0);
  expect(potFill(POT, [{ drainage: 'well', kind: 'annual' }]).slowFeed_g).toBeGreaterThan(0);
});
