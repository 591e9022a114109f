import type { MeasureOf, Reading } from '../../model/yard';
import { normalFrom, randomFrom } from '../../model/random';
import { SETTINGS } from '../../settings';
import { stepOfShare } from './water-year';

export interface ProbeSummary {
  /** The middle reading and the span from the lowest to the highest. */
  middle: number;
  low: number;
  high: number;
  count: number;
  last_on: string;
}

/** Middle of the readings of one quantity over the two years up to the last of them; null without one. */
export function probeSummary(log: readonly MeasureOf<'probe'>[], of: 'ph' | 'moisture_pct' | 'light_klx'): ProbeSummary | null {
  // Dates as YYYY-MM-DD come in order as they are written.
  const found = log
    .filter((row) => row.reading[of] !== null)
    .sort((a, b) => (a.taken_on < b.taken_on ? -1 : a.taken_on > b.taken_on ? 1 : 0));
  const last = found.at(-1);
  if (!last) return null;
  const since = `${Number(last.taken_on.slice(0, 4)) - SETTINGS.soil.probeYears}${last.taken_on.slice(4)}`;
  const values = found
    .filter((row) => row.taken_on > since)
    .map((row) => row.reading[of]!)
    .sort((a, b) => a - b);
  const half = Math.floor(values.length / 2);
  const middle = values.length % 2 ? values[half]! : (values[half - 1]! + values[half]!) / 2;
  return {
    middle: Number(middle.toFixed(2)),
    low: values[0]!,
    high: values.at(-1)!,
    count: values.length,
    last_on: last.taken_on,
  };
}

/** Moisture step 1 (dry) to 5 (wet) of a share of the soil's volume that is water (%), by how much its texture holds. */
export function moistureStep(pct: number, texture: 'sand' | 'loam' | 'clay'): number {
  const { wilting, field } = SETTINGS.soil.water[texture];
  return stepOfShare((pct / 100 - wilting) / (field - wilting));
}

/** What the simulated probe is pushed into: the truth that its reading strays from. */
export interface ProbedGround {
  ph: number;
  moisture_pct: number;
  /** Light on the ground now, kilolux. */
  light_klx: number;
}

/**
 * A stand-in for a soil probe. It reads near the truth of its spot: noise of its own at every push (of the seed), and
 * a drift of pH that grows with the days since it was made, and settles. The same seed and day give the same reading.
 */
export function simulatedProbe(ground: ProbedGround, seed: number, daysInUse: number): Reading<'probe'> {
  const normal = normalFrom(randomFrom(seed));
  const { noise, drift, driftDays } = SETTINGS.soil.probe;
  const within = (value: number, low: number, high: number, digits: number) =>
    Number(Math.max(low, Math.min(high, value)).toFixed(digits));
  const drifted = drift * (1 - Math.exp(-daysInUse / driftDays));
  return {
    ph: within(ground.ph + drifted + noise.ph * normal(), 3, 9.5, 1),
    moisture_pct: within(ground.moisture_pct + noise.moisture_pct * normal(), 0, 60, 0),
    light_klx: within(ground.light_klx * (1 + noise.light * normal()), 0, 130, 1),
    device: 'simulated',
  };
}
