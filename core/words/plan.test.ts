import { describe, expect, it } from 'vitest';
import type { HazardGate } from '../match/gates/gates';
import type { Hindrance } from '../match/hindrance';
import type { Site } from '../model/garden';
import type { PlantHere } from '../model/here';
import { toldOnce, type Helper } from '../plan/planner/why-open';
import { plant, site } from '../testing/worked-garden';
import { lettingInWords, ruledWords, sitesWords } from './plan';
import { unitsOf } from './units';

const METRIC = unitsOf('metric');

describe('what rules plants out, told once', () => {
  const [A, B] = [site('a'), site('b', { kind: 'container' })];
  const helper = (id: string, ...bars: [Site, Hindrance | null][]): Helper => ({
    here: { plant: plant(id) } as PlantHere,
    bars: bars.map(([site, why]) => ({ site, why, distance: 1 })),
    distance: 1,
  });
  const noRoom = (wanted_m2: number): Hindrance => ({ kind: 'no-room', count: 1, wanted_m2, left_m2: 0.1 });
  const told = (...helpers: Helper[]) =>
    toldOnce(helpers).map((row) => [
      row.plants.map((here) => here.plant.id).join(),
      sitesWords(row.sites, [A, B]),
      row.why && ruledWords({ ...row, why: row.why }, METRIC),
      row.why && lettingInWords({ ...row, why: row.why }, METRIC),
    ]);
  it('plants that find no room anywhere are one row, with what the nearest wants', () => {
    expect(told(helper('x', [A, noRoom(0.5)], [B, noRoom(2)]), helper('y', [B, noRoom(3)], [A, noRoom(4)]))).toEqual([
      [
        'x,y',
        'every bed and pot',
        'no room for any of them: the first wants 0.5 m², at most 0.1 m² is left',
        'more ground, or a place made for one of them',
      ],
    ]);
  });
  it('one plant, or one site, is told with its own figures', () => {
    expect(told(helper('x', [A, noRoom(0.5)], [B, noRoom(2)]))).toEqual([
      ['x', 'every bed and pot', 'it wants 0.5 m², at most 0.1 m² is left', '0.4 m² more ground'],
    ]);
    expect(told(helper('x', [A, noRoom(0.5)]))).toEqual([['x', 'a', 'it wants 0.5 m², 0.1 m² is left', '0.4 m² more ground']]);
  });
  it('what differs stays apart: by site, by reason, and what each plant is a danger by', () => {
    const risk: HazardGate = { kind: 'toxic', effect: 'warn', allowed: false, risks: ['cats'], severity: 3, note: 'It harms.' };
    const danger: Hindrance = { kind: 'danger', gates: [risk] };
    const rows = toldOnce([
      helper('x', [A, danger], [B, danger]),
      helper('y', [A, danger], [B, danger]),
      helper('v', [A, { kind: 'windy' }], [B, null]),
      helper('w', [A, { kind: 'windy' }], [B, { kind: 'pot-full', upright: true }]),
      helper('z', [B, { kind: 'pot-full', upright: false }]),
    ]);
    expect(rows.map((row) => [row.plants.map((here) => here.plant.id).join(), row.sites.map((of) => of.id).join()])).toEqual([
      ['x', 'a,b'],
      ['y', 'a,b'],
      ['v,w', 'a'],
      ['v', 'b'],
      ['w', 'b'],
      ['z', 'b'],
    ]);
    expect(ruledWords({ ...rows[2]!, why: rows[2]!.why! }, METRIC)).toBe('they climb, and the wind would have them down');
  });
});
