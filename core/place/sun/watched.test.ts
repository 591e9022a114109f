import { describe, expect, it } from 'vitest';
import type { MeasureOf } from '../../model/yard';
import { rectangle, wall } from '../../testing/worked-yard';
import { sunOfBeds, type LitSite } from './bed-sun';
import { obstructionsOf } from './obstructions';
import { lightAt, shadesAt } from './shade';
import { sunAt } from './sun-path';
import { solarHour, watchedSun } from './watched';

const place = { lat: 40, lon: -75, last_frost: '04-20', first_frost: '10-25' };
type Hours = MeasureOf<'watch'>['reading']['hours'];
const sheet = (taken_on: string, hours: Hours, utc_offset_h = -5): MeasureOf<'watch'> => ({
  id: taken_on,
  revision: 0,
  kind: 'watch',
  site_id: 'bed',
  taken_on,
  note: '',
  reading: { utc_offset_h, hours },
});
const hoursOf = (from: number, to: number, sun: (hour: number) => 0 | 0.5 | 1): Hours =>
  Array.from({ length: to - from + 1 }, (_, i) => ({ hour: from + i, sun: sun(from + i) }));

const bedSun = (bed: LitSite, ...rest: Parameters<typeof sunOfBeds> extends [unknown, ...infer R] ? R : never) =>
  sunOfBeds([bed], ...rest).get(bed.id);

describe('the hour of a clock', () => {
  it('is counted from the sun’s noon', () => {
    // At 75° west the zone's mean noon is the sun's, but for the equation of time: +7½ minutes on 20 March.
    expect(solarHour(place, '2026-03-20', 11, -5)).toBeCloseTo(-0.5 - 7.5 / 60, 1);
    // Summer time: the hour from noon to one is seen an hour earlier by the sun.
    expect(solarHour(place, '2026-06-21', 12, -4)).toBeCloseTo(-0.53, 1);
    expect(solarHour(place, '2026-06-21', 18, -5)).toBeCloseTo(6.5, 1);
  });
});

describe('a watched day', () => {
  it('says nothing without a sheet', () => expect(watchedSun([], place)).toBeNull());
  it('of sun from rise to set is the whole day in every season', () => {
    const all = watchedSun(
      [
        sheet(
          '2026-06-21',
          hoursOf(5, 19, () => 1),
        ),
      ],
      place,
    )!;
    // The mean day from late April to late October at 40° is 13½ hours above three degrees.
    expect(all.season.sun_h).toBeGreaterThan(12.5);
    expect(all.season.sun_h).toBeLessThan(14);
    expect(all.season.sun_when).toBe('all-day');
    expect(all.seen).toEqual([{ taken_on: '2026-06-21', hours: 15 }]);
  });
  it('of shade is none, and of a morning is a morning', () => {
    expect(
      watchedSun(
        [
          sheet(
            '2026-06-21',
            hoursOf(5, 19, () => 0),
          ),
        ],
        place,
      )!.season.sun_h,
    ).toBe(0);
    const morning = watchedSun(
      [
        sheet(
          '2026-06-21',
          hoursOf(5, 19, (hour) => (hour < 12 ? 1 : 0)),
        ),
      ],
      place,
    )!;
    expect(morning.season.sun_when).toBe('morning');
    expect(morning.season.sun_h).toBeGreaterThan(5.5);
    expect(morning.season.sun_h).toBeLessThan(7.5);
  });
  it('comes near the computed figure where the same bed is watched behind a wall', () => {
    const things = [
      wall(
        [
          [7, -30],
          [7, 50],
        ],
        5,
      ),
    ];
    const bed = { id: 'bed', outline: rectangle(8, 8, 1, 1), height_m: 0, pot: null };
    const seen = (date: string, day: number) =>
      sheet(
        date,
        hoursOf(5, 19, (hour) => {
          const sun = sunAt(place.lat, place.lon, day, solarHour(place, date, hour, -5));
          return sun.altitude < 0.05 ? 0 : lightAt(shadesAt(obstructionsOf(things, 10), sun, 0), [8.5, 8.5]) > 0.5 ? 1 : 0;
        }),
      );
    const computed = bedSun(bed, { width_m: 20, depth_m: 20, north_deg: 0 }, things, place)!.season;
    const watched = watchedSun([seen('2026-05-01', 121), seen('2026-06-21', 172)], place)!;
    expect(Math.abs(watched.season.sun_h - computed.sun_h)).toBeLessThan(0.75);
    expect(watched.known).toBeGreaterThan(0.6);
    expect(watched.season.sun_when).toBe(computed.sun_when);
  });
  it('knows less of the season from one day in April than from April and June', () => {
    const april = sheet(
      '2026-04-05',
      hoursOf(6, 18, () => 1),
    );
    const june = sheet(
      '2026-06-21',
      hoursOf(5, 19, () => 1),
    );
    expect(watchedSun([april], place)!.known).toBeLessThan(watchedSun([april, june], place)!.known);
  });
});
