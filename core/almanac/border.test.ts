import { describe, expect, it } from 'vitest';
import { readLibrary } from '../../scripts/reference-files';
import { regionalGarden } from '../library/regional-garden';
import type { TargetHere } from '../model/here';
import { turnedTo } from '../model/half-month';
import { almanacFor } from './almanac';

const { library } = readLibrary();
/** Places on a border, with the regions that meet there. */
const BORDERS = [
  {
    jurisdiction: 'NC',
    lat: 35.6,
    lon: -81.3,
    elevation_m: 330,
    half_zone: '7b',
    regions: ['appalachian-highlands', 'southeast-piedmont'],
  },
  {
    jurisdiction: 'MA',
    lat: 42.3,
    lon: -71.3,
    elevation_m: 60,
    half_zone: '6b',
    regions: ['northeast-coast', 'northern-forest'],
  },
  {
    jurisdiction: 'FL',
    lat: 30.1,
    lon: -82.4,
    elevation_m: 30,
    half_zone: '9a',
    regions: ['florida-peninsula', 'southeast-piedmont'],
  },
  {
    jurisdiction: 'PA',
    lat: 40.3,
    lon: -77.5,
    elevation_m: 200,
    half_zone: '6b',
    regions: ['mid-atlantic', 'appalachian-highlands'],
  },
];
const at = ({ regions: _, ...place }: (typeof BORDERS)[number], region: string, lon = place.lon) =>
  almanacFor(library, { ...regionalGarden(library, region), ...place, lon, region });
const span = ({ moved }: TargetHere['flightSteps'], other: TargetHere['flightSteps']) =>
  Math.max(
    Math.abs(turnedTo(other.moved.from, moved.from) - moved.from),
    Math.abs(other.moved.to - other.moved.from - (moved.to - moved.from)),
  );
/** Creatures whose year has the same parts in both. */
const alike = (a: TargetHere, b: TargetHere) =>
  a.flights.map((row) => row.part + row.laying).join() === b.flights.map((row) => row.part + row.laying).join();

describe('a garden on the border of two regions', () => {
  it.each(BORDERS)('$jurisdiction: is given the same flights by both', (border) => {
    const [one, two] = border.regions.map((region) => at(border, region));
    const both = [...one!.targets.values()].filter(({ target }) => {
      const other = two!.targets.get(target.id);
      return other && alike(one!.targets.get(target.id)!, other);
    });
    expect(both.length).toBeGreaterThan(20);
    for (const here of both) {
      const other = two!.targets.get(here.target.id)!;
      expect(span(here.flightSteps, other.flightSteps), here.target.id).toBeLessThanOrEqual(1);
    }
  });
  it('says which regions it counts, and how each states the flight', () => {
    const { targets } = at(BORDERS[0]!, 'southeast-piedmont');
    const { near, stated, moved } = targets.get('papilio-glaucus')!.flightSteps;
    expect(near.map(({ region }) => region)).toEqual(['appalachian-highlands']);
    expect(near[0]!.share).toBeCloseTo(0.5, 1);
    expect([stated, near[0]!.stated].map(({ from }) => from).sort((a, b) => a - b)).not.toContain(moved.from);
  });
  it('does not jump on the way over it', () => {
    const steps = [-81.9, -81.75, -81.6, -81.45, -81.3, -81.15, -81, -80.85, -80.7].map((lon) =>
      at(BORDERS[0]!, lon < -81.3 ? 'appalachian-highlands' : 'southeast-piedmont', lon).targets.get('papilio-glaucus')!,
    );
    const whole = span(steps[0]!.flightSteps, steps.at(-1)!.flightSteps);
    expect(whole).toBeGreaterThan(8);
    for (const [i, here] of steps.entries())
      if (i > 0) expect(span(steps[i - 1]!.flightSteps, here.flightSteps), String(i)).toBeLessThanOrEqual(Math.ceil(whole / 3));
  });
});
