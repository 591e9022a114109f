import { describe, expect, it } from 'vitest';
import type { Way } from '../library/ways';
import type { Propagation } from '../model/reference';
import type { RaiseMethod } from '../model/vocabulary';
import { way } from '../testing/worked-garden';
import { howOf } from './how';
import { containerOf, piecesOf, quantityOf } from './quantity';
import { shareOf, rangeOf } from './rates';

const of = (method: RaiseMethod, over: Partial<Propagation> = {}): Way => ({
  method,
  row: way('aster', [method], { depth_mm: 3, rate_from: 0.49, rate_to: 0.51, confidence: 'high', ...over }),
  ofKin: false,
});

describe('how much is begun', () => {
  it('fills whole containers, with mix for them and for the pots of what is expected', () => {
    const found = quantityOf(of('winter-container'), 20);
    const { units, containers, mix_l, packets } = found;
    // Four in ten become plants: about fifty seeds for twenty, and some more for the nine chances in ten.
    expect(units).toBeGreaterThan(55);
    expect(units).toBeLessThan(85);
    expect(containers).toEqual({ kind: 'winter-container', count: Math.ceil(units! / 25) });
    // Two litres a container, 0.4 a pot.
    expect(mix_l).toBeCloseTo(2 * containers!.count + 0.4 * Math.ceil(units! * 0.4), 6);
    expect(packets).toBe(Math.ceil(units! / 60));
    expect(found.shelf_m2).toBe(0);
  });
  it('counts packets by the size of the seed: fine 200, small 60, large 15', () => {
    const packets = (depth_mm: number) => {
      const { units, packets: count } = quantityOf(of('indoors', { depth_mm }), 40);
      return Math.ceil(units! / count);
    };
    expect(packets(0)).toBeGreaterThan(60);
    expect(packets(3)).toBeLessThanOrEqual(60);
    expect(packets(25)).toBeLessThanOrEqual(15);
  });
  it('asks for shelf indoors, and for one deep pot to each large seed', () => {
    const tray = quantityOf(of('indoors'), 20);
    expect(tray.containers!.kind).toBe('tray');
    expect(tray.shelf_m2).toBeCloseTo(0.15 * tray.containers!.count, 9);
    const acorn = quantityOf(of('winter-container', { depth_mm: 30 }), 5);
    expect(acorn.containers).toEqual({ kind: 'deep-pot', count: acorn.units });
    expect(acorn.mix_l).toBeCloseTo(1.5 * acorn.units!, 9);
  });
  it('of a division asks for grown plants, each giving its pieces but the one that goes back', () => {
    // Of three to five pieces two to four are to spare, three on average.
    const row = of('division', { depth_mm: null, pieces_from: 3, pieces_to: 5, rate_from: 0.97, rate_to: 0.99 });
    expect(piecesOf(row)).toEqual({ from: 2, to: 4 });
    const { units, mothers, packets, containers } = quantityOf(row, 7);
    expect(mothers).toBe(Math.ceil(units! / 3));
    expect([packets, containers]).toEqual([0, null]);
    expect(quantityOf(of('division', { depth_mm: null, pieces_from: 1, pieces_to: 1 }), 1).mothers).toBeGreaterThanOrEqual(1);
  });
  it('puts what goes into the open ground into no container', () => {
    for (const method of ['autumn-in-place', 'spring-in-place', 'hardwood', 'division', 'layering', 'offsets'] as const)
      expect(containerOf(of(method))).toBeNull();
    for (const method of ['softwood', 'half-ripe', 'root-cutting'] as const) expect(containerOf(of(method))).toBe('cutting-pot');
  });
  it('keeps a share within nothing and all', () => {
    expect(rangeOf(shareOf(0.999, 1e-9)).mean).toBeCloseTo(0.995, 9);
    expect(rangeOf(shareOf(0, 1e-9)).mean).toBeCloseTo(0.005, 9);
    // Half with the variance of a throw: m(1 − m) ÷ v − 1 is nothing, and one is the least.
    expect(shareOf(0.5, 0.25)).toEqual({ a: 0.5, b: 0.5 });
  });
});

describe('how it is done', () => {
  const steps = (a: Way, kind: Parameters<typeof howOf>[1]) => howOf(a, kind).steps.join(' | ');
  it('seed is prepared as its row says, and covered or left in the light', () => {
    expect(steps(of('indoors', { treatment: ['scarify', 'soak'] }), 'sow')).toMatch(
      /^Scratch each seed.* \| Soak the seed overnight/,
    );
    expect(steps(of('indoors', { treatment: ['hot-water'] }), 'sow')).toContain('just off the boil');
    expect(steps(of('indoors', { depth_mm: 0 }), 'sow')).toContain('leave it uncovered: it wants light');
    expect(steps(of('indoors', { depth_mm: 6 }), 'sow')).toContain('Cover it 0.6 cm deep');
    expect(steps(of('indoors', { warmth_c: 22 }), 'sow')).toContain('about 22 °C');
    expect(steps(of('winter-container', { warmth_c: 22 }), 'sow')).not.toContain('22 °C');
    expect(steps(of('winter-container'), 'sow')).toContain('clear container with a lid');
    expect(steps(of('autumn-in-place'), 'sow')).toContain('the seedlings look like weeds');
    expect(steps(of('indoors', { beside: 'little bluestem' }), 'sow')).toContain('Beside little bluestem');
  });
  it('a cutting is cut by its nodes, and its own words come last', () => {
    const cut = of('softwood', { nodes: 3, nodes_below: 2, leaves: 2, wood: 'soft tips', how: 'Pinch it' });
    expect(steps(cut, 'cut')).toMatch(
      /^Cut soft tips \| 3 nodes long, 2 of them below the surface, the right way up \| Leave 2 leaves above/,
    );
    expect(steps(cut, 'cut')).toMatch(/\| Pinch it$/);
    expect(steps(of('root-cutting', { nodes: 1, leaves: 0 }), 'cut')).toContain('1 node long');
    expect(steps(of('hardwood'), 'cut')).toContain('slit trench');
  });
  it('a division is done by its own steps where it has some', () => {
    expect(howOf(of('offsets', { how: 'Lift the corms|Set them three fingers deep' }), 'divide').steps).toEqual([
      'Lift the corms',
      'Set them three fingers deep',
    ]);
    expect(steps(of('division'), 'divide')).toContain('Replant one in its place');
  });
  it('says what goes wrong as the reason of its days', () => {
    expect(howOf(of('indoors', { fails: 'Covered seed does not rise.' }), 'sow').why).toBe('Covered seed does not rise.');
    expect(howOf(null, 'chill').steps.join()).toContain('4 °C');
    expect(howOf(of('chilled-indoors', { chill_c: 2 }), 'chill').steps.join()).toContain('2 °C');
    expect(steps(of('softwood'), 'look')).toContain('resists a gentle pull');
    expect(steps(of('indoors'), 'look')).toContain('Count what is up');
  });
});
