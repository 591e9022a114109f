import type { GardenHere } from '../../core/garden/here';
import type { Site } from '../../core/model/garden';
import type { Reading } from '../../core/model/yard';
import { seedOf } from '../../core/model/random';
import { simulatedProbe } from '../../core/place/soil/probe';
import { waterYear } from '../../core/place/soil/water-year';
import { sunAt } from '../../core/place/sun/sun-path';
import { dayOf, solarHour } from '../../core/place/sun/watched';
import { SETTINGS } from '../../core/settings';

/** The day the simulated probe was taken into use; its pH has drifted since. */
const IN_USE_SINCE = Date.UTC(2026, 2, 1);
const DAY = 86_400_000;
/** Light of an open sky with the sun overhead, kilolux. */
const FULL_SUN_KLX = 100;

/**
 * One push of the soil probe that ships with the application in place of a device: what it would show in a bed at a
 * moment. Every bed has a truth of its own near what is stated of it; the moisture follows the month.
 */
export function pushProbe({ garden, climate }: GardenHere, site: Site, at: Date): Reading<'probe'> {
  const own = seedOf(site.id);
  const { wilting, field } = SETTINGS.soil.water[site.texture];
  const share = waterYear(site, climate.months)[at.getUTCMonth()]!;
  // A stated moisture is believed over the calculated one: the probe stands between them.
  const stated = (site.moisture - 0.5) / 4.5;
  const wet = Math.min(1.2, (share + stated) / 2);
  const date = at.toISOString().slice(0, 10);
  // solarHour speaks of an hour's middle; this is a moment.
  const hour = solarHour(garden, date, at.getUTCHours() + at.getUTCMinutes() / 60 - 0.5, 0);
  const { altitude } = sunAt(garden.lat, garden.lon, dayOf(date), hour);
  return simulatedProbe(
    {
      ph: site.ph + ((own % 100) / 100 - 0.5) * 0.4,
      moisture_pct: 100 * (wilting + wet * (field - wilting)),
      light_klx: FULL_SUN_KLX * Math.max(0, Math.sin(altitude)) * Math.min(1, site.sun_h / 8),
    },
    seedOf(`${site.id} ${at.getTime()}`),
    Math.max(0, (at.getTime() - IN_USE_SINCE) / DAY),
  );
}
