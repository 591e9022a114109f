import { describe, expect, it } from 'vitest';
import { dangersOf, gates } from './gates';
import { statusHere } from '../../library/status';
import type { Caution, Plant, PlantStatus } from '../../model/reference';
import { GARDEN } from '../../testing/worked-garden';

const row = (place: string, status: PlantStatus['status']): PlantStatus => ({ plant: 'x', place, status, as_of: 2020, note: '' });
const statusAt = (rows: readonly PlantStatus[], region: string, jurisdiction: string | null, half_zone = '7a') =>
  statusHere(rows, { region, jurisdiction, half_zone });
const caution = (hazard: Caution['hazard'], severity: number): Caution => ({ plant: 'x', hazard, severity, note: 'Poisonous.' });
const native = statusAt([row('coast', 'native')], 'coast', 'MA');
const x = { id: 'x', common: 'Plant X', deer: 'low', manners: 'border' } as const;

describe('status in a place', () => {
  it.each([
    ['a state’s listing beats the region’s native', [row('coast', 'native'), row('MA', 'noxious')], 'noxious', false],
    ['another state’s listing is not ours', [row('coast', 'native'), row('OR', 'noxious')], 'native', true],
    ['a protected native is native', [row('coast', 'protected')], 'protected', true],
    ['no row counts as introduced', [], 'introduced', false],
    ['a row for anywhere holds where nothing nearer is said', [row('anywhere', 'naturalised')], 'naturalised', false],
    ['and gives way, strict or not, where something is', [row('anywhere', 'invasive'), row('coast', 'native')], 'native', true],
    ['a row for its half-zones holds', [row('OR', 'invasive'), row('6a-7b', 'introduced')], 'introduced', false],
  ] as const)('%s', (_, rows, status, isNative) => {
    expect(statusAt(rows, 'coast', 'MA')).toMatchObject({ status, native: isNative });
  });
});

describe('what is listed somewhere', () => {
  const offered = (rows: PlantStatus[], half_zone = '7a') => statusAt(rows, 'coast', 'MA', half_zone).offered;
  it.each<[string, PlantStatus[], boolean]>([
    ['is not offered elsewhere by a row for anywhere', [row('OR', 'noxious'), row('anywhere', 'introduced')], false],
    ['is where a row for the region says harmless', [row('OR', 'noxious'), row('coast', 'introduced')], true],
    ['is where a row for the state does', [row('OR', 'noxious'), row('MA', 'introduced')], true],
    ['is where it is native', [row('OR', 'noxious'), row('coast', 'native')], true],
    ['is not where it has run wild', [row('OR', 'noxious'), row('coast', 'naturalised')], false],
    ['is where every winter ends it', [row('florida', 'invasive'), row('1a-8a', 'introduced')], true],
    ['is not south of that', [row('florida', 'invasive'), row('1a-6b', 'introduced')], false],
    ['that ran wild and is listed nowhere is offered', [row('coast', 'naturalised')], true],
    ['listed nowhere it is, by a row for anywhere', [row('anywhere', 'introduced')], true],
  ])('%s', (_, rows, expected) => expect(offered(rows)).toBe(expected));
  it('is not offered where the state is not known and one of the region lists it, unless it is native', () => {
    const garden = { region: 'coast', jurisdiction: null, half_zone: '7a' };
    const near = (rows: PlantStatus[], states: string[], jurisdiction: string | null = null) =>
      statusHere(rows, { ...garden, jurisdiction }, new Set(states)).offered;
    const harmless = [row('CT', 'noxious'), row('coast', 'introduced')];
    expect(near(harmless, ['CT', 'MA'])).toBe(false);
    expect(near(harmless, ['RI', 'MA'])).toBe(true);
    expect(near(harmless, ['CT', 'MA'], 'MA')).toBe(true);
    expect(near([row('CT', 'noxious'), row('coast', 'native')], ['CT'])).toBe(true);
  });
  it('says where it is listed, and is warned of', () => {
    const status = statusAt([row('OR', 'noxious'), row('coast', 'native'), row('WA', 'invasive')], 'plains', null);
    expect(status).toMatchObject({ row: null, status: 'introduced', listedIn: ['OR', 'WA'], offered: false });
    expect(gates(x, status, [], { ...GARDEN, school_plants: 'any-harmless' }, [])).toEqual([
      { kind: 'listed-elsewhere', effect: 'warn', common: 'Plant X' },
    ]);
  });
});

describe('gates', () => {
  const of = (over: Partial<typeof GARDEN>, cautions: Caution[] = [], status = native, traps: string[] = []) =>
    gates(x, status, cautions, { ...GARDEN, ...over }, traps).map((gate) => [gate.kind, gate.effect]);

  it('refuse the invasive in every school', () => {
    const listed = statusAt([row('coast', 'invasive')], 'coast', null);
    for (const school_plants of ['natives-only', 'natives-first', 'any-harmless'] as const)
      expect(of({ school_plants }, [], listed)).toEqual([['invasive', 'refuse']]);
  });
  it('refuse the gravely poisonous where somebody is at risk, else warn', () => {
    expect(of({ cats: true }, [caution('pets', 3)])).toEqual([['toxic', 'refuse']]);
    expect(of({ cats: true }, [caution('pets', 2)])).toEqual([['toxic', 'warn']]);
    expect(of({ children: true }, [caution('pets', 3)])).toEqual([['caution', 'warn']]);
    expect(of({ grazing: true }, [caution('livestock', 3)])).toEqual([['toxic', 'refuse']]);
    expect(of({ children: true }, [caution('skin-eye', 3)])).toEqual([['toxic', 'refuse']]);
  });
  it('refuse nobody what is allowed in spite of it, and still warn', () => {
    expect(of({ cats: true, allowed: ['x'] }, [caution('pets', 3)])).toEqual([['toxic', 'warn']]);
    expect(of({ cats: true, allowed: ['y'] }, [caution('pets', 3)])).toEqual([['toxic', 'refuse']]);
    expect(of({ allowed: ['x'] }, [], statusAt([row('coast', 'invasive')], 'coast', null))).toEqual([['invasive', 'refuse']]);
  });
  it.each<[string, Partial<typeof GARDEN>, Caution, boolean]>([
    ['harmful to the dogs that live here', { dogs: true }, caution('pets', 2), true],
    ['upsetting them', { dogs: true }, caution('pets', 1), false],
    ['allowed', { dogs: true, allowed: ['x'] }, caution('pets', 2), false],
    ['where no pet lives', {}, caution('pets', 3), false],
    ['harmful, where people pass', { passers_by: true }, caution('people', 2), false],
    ['deadly, where people pass', { passers_by: true }, caution('people', 3), true],
    ['harmful, where children live', { children: true }, caution('skin-eye', 2), true],
  ])('%s: a danger that is never proposed, or not', (_, over, hazard, danger) => {
    const here = { plant: { ...x } as Plant, status: native, cautions: [hazard] };
    expect(dangersOf(here, { ...GARDEN, ...over })).toHaveLength(danger ? 1 : 0);
  });
  it('warn passers-by, whom they do not keep from choosing', () => {
    expect(of({ passers_by: true }, [caution('skin-eye', 3)])).toEqual([['toxic', 'warn']]);
    expect(of({ passers_by: true, children: true }, [caution('people', 3)])).toEqual([['toxic', 'refuse']]);
  });
  it('warn of what deer browse, where deer come', () => {
    expect(of({ deer: 'some' })).toEqual([['deer', 'warn']]);
    expect(of({ deer: 'none' })).toEqual([]);
    expect(gates({ ...x, id: 'y', common: 'Plant Y', deer: 'high' }, native, [], { ...GARDEN, deer: 'many' }, [])).toEqual([]);
  });
  it('refuse what is known only so that it is never planted, in every school and however it is allowed', () => {
    const ivy = { ...x, common: 'Poison ivy', manners: 'never' } as const;
    const blisters = { ...caution('skin-eye', 3), note: 'It blisters.' };
    const found = gates(ivy, native, [caution('people', 1), blisters], { ...GARDEN, allowed: ['x'] }, []);
    expect(found[0]).toEqual({ kind: 'never', effect: 'refuse', common: 'Poison ivy', note: 'It blisters.' });
    // Where a list forbids it, the list is what is said.
    expect(gates(ivy, statusAt([row('coast', 'noxious')], 'coast', null), [], GARDEN, []).map(({ kind }) => kind)).toEqual([
      'invasive',
    ]);
  });
  it('refuse a trap for a chosen target', () => {
    expect(of({}, [], native, ['Monarch'])).toEqual([['trap', 'refuse']]);
  });
  it('refuse what is not native where natives only are planted', () => {
    const foreign = statusAt([], 'coast', null);
    expect(of({ school_plants: 'natives-only' }, [], foreign)).toEqual([
      ['natives-only', 'refuse'],
      ['unrecorded', 'warn'],
    ]);
  });
  it('warn of what has no record here, and say nothing of what is known to be introduced', () => {
    expect(of({ school_plants: 'natives-first' }, [], statusAt([], 'coast', null))).toEqual([['unrecorded', 'warn']]);
    const introduced = statusAt([row('anywhere', 'introduced')], 'coast', null);
    expect(of({ school_plants: 'natives-first' }, [], introduced)).toEqual([]);
  });
  it('warn of the protected, refusals first', () => {
    const guarded = statusAt([row('coast', 'protected')], 'coast', null);
    expect(of({ cats: true }, [caution('allergy', 1), caution('pets', 3)], guarded)).toEqual([
      ['toxic', 'refuse'],
      ['caution', 'warn'],
      ['protected', 'warn'],
    ]);
  });
});
