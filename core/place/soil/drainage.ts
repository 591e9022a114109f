import type { Reading } from '../../model/yard';
import type { Drainage } from '../../model/vocabulary';
import { SETTINGS } from '../../settings';

/** Fall of the water in a filled hole (cm an hour), from how far it fell in how many minutes. */
export function drainRate({ drop_cm, minutes }: Reading<'hole'>): number {
  return drop_cm / (minutes / 60);
}

/** Drainage class of a hole test. The hole is filled, let run out, filled again and timed. */
export function drainageOf(reading: Reading<'hole'>): Drainage {
  const rate = drainRate(reading);
  const { sharp, well, moderate } = SETTINGS.soil.drainCmPerHour;
  return rate >= sharp ? 'sharp' : rate >= well ? 'well' : rate >= moderate ? 'moderate' : 'wet';
}
