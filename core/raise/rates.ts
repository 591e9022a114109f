import { isSeedMethod, type Way } from '../library/ways';
import type { Batch } from '../model/raise';
import { SETTINGS } from '../settings';

/** A share that is not known exactly, as a beta law of `a` and `b`. */
export interface Share {
  a: number;
  b: number;
}
/** What it is on average, and the range that holds it in eight cases of ten. */
export interface ShareRange {
  mean: number;
  from: number;
  to: number;
}
/** Own figures beside those of the table. */
export interface OwnFigures {
  /** Seeds or cuttings on record whose outcome is known, and how many came up or rooted. */
  tried: number;
  came: number;
}

const meanOf = ({ a, b }: Share) => a / (a + b);
const varianceOf = ({ a, b }: Share) => (a * b) / ((a + b) ** 2 * (a + b + 1));

/** The beta law of a mean and variance; as flat as can be where the variance is too wide for one. */
export function shareOf(mean: number, variance: number): Share {
  const m = Math.min(0.995, Math.max(0.005, mean));
  const n = Math.max(1, (m * (1 - m)) / variance - 1);
  return { a: m * n, b: (1 - m) * n };
}

/**
 * Share of seed that comes up, or of cuttings that root, by the row of a way: its range is taken to hold eight lots of ten.
 * A row weighs no more than SETTINGS.raise.weighs allows for its confidence, one of kin no more than the next lower.
 */
export function tableShare({ row, ofKin }: Way): Share {
  const { tenth, weighs } = SETTINGS.raise;
  const [from, to] = [row.rate_from ?? 0.3, row.rate_to ?? 0.6];
  const mean = (from + to) / 2;
  const wide = shareOf(mean, Math.max(1e-4, (to - from) / (2 * tenth)) ** 2);
  const most = weighs[ofKin && row.confidence !== 'low' ? (row.confidence === 'high' ? 'medium' : 'low') : row.confidence];
  const n = Math.min(wide.a + wide.b, most);
  return { a: mean * n, b: (1 - mean) * n };
}

/** The table's share with what the gardener's own batches add: every seed or cutting on record counts as one. */
export const withOwn = ({ a, b }: Share, { tried, came }: OwnFigures): Share => ({ a: a + came, b: b + tried - came });

/** Share that becomes a plant to set out: what comes up, less what is lost on the way. */
export function plantShare(share: Share, { method }: Pick<Way, 'method'>): Share {
  const { survive, inPlace } = SETTINGS.raise;
  const open = method === 'autumn-in-place' || method === 'spring-in-place';
  const kept = open ? inPlace : isSeedMethod(method) ? survive.seed : isCutting(method) ? survive.cutting : survive.part;
  return shareOf(meanOf(share) * kept, varianceOf(share) * kept * kept);
}

const CUTTINGS: ReadonlySet<string> = new Set(['softwood', 'half-ripe', 'hardwood', 'root-cutting']);
/** Is it a way from cuttings? */
export const isCutting = (method: string): boolean => CUTTINGS.has(method);

/** Mean and range of a share; the range by the normal law, within 0 and 1. */
export function rangeOf(share: Share): ShareRange {
  const mean = meanOf(share);
  const half = SETTINGS.raise.tenth * Math.sqrt(varianceOf(share));
  return { mean, from: Math.max(0, mean - half), to: Math.min(1, mean + half) };
}

/** Chance that of `n` units, each becoming a plant with a share that is not known exactly, at least `want` do (beta-binomial law). */
export function chanceOfEnough(share: Share, n: number, want: number): number {
  if (want <= 0) return 1;
  if (n < want) return 0;
  const { a, b } = share;
  let log = 0;
  for (let i = 0; i < n; i++) log += Math.log((b + i) / (a + b + i));
  // The chance of none, then of one more each time; in logarithms, since that of none of many is below what a number holds.
  let below = 0;
  for (let k = 0; k < want; k++) {
    below += Math.exp(log);
    log += Math.log(((n - k) / (k + 1)) * ((a + k) / (b + n - k - 1)));
  }
  return Math.max(0, 1 - below);
}

/** The most units that are ever asked for: beyond it a way is not one for so many plants. */
const MOST_UNITS = 5000;

/** Fewest units with which the chance of `want` plants is SETTINGS.raise.chance; null where even MOST_UNITS are too few. */
export function unitsFor(share: Share, want: number): number | null {
  const { chance } = SETTINGS.raise;
  if (want <= 0) return 0;
  let high = want;
  while (chanceOfEnough(share, high, want) < chance) {
    if (high >= MOST_UNITS) return null;
    high = Math.min(MOST_UNITS, high * 2);
  }
  let low = want - 1;
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (chanceOfEnough(share, middle, want) >= chance) high = middle;
    else low = middle;
  }
  return high;
}

/** Own figures of one plant, way and source. */
export interface OwnRow extends OwnFigures {
  plant: string;
  method: Batch['method'];
  source: string;
}

/** What came up or rooted of the batches that are over, by plant, way and source, in the order of the batches. */
export function ownBySource(batches: readonly Batch[]): OwnRow[] {
  const rows = new Map<string, OwnRow>();
  for (const { plant, method, source } of batches) {
    const figures = ownFigures(batches, plant, method, source);
    if (figures.tried > 0) rows.set(`${plant}\n${method}\n${source}`, { plant, method, source, ...figures });
  }
  return [...rows.values()];
}

/** Own figures of a plant raised in one way, from one source or (null) from any: of batches whose outcome is known. */
export function ownFigures(batches: readonly Batch[], plant: string, method: string, source: string | null = null): OwnFigures {
  let [tried, came] = [0, 0];
  for (const batch of batches) {
    if (batch.plant !== plant || batch.method !== method || !batch.ended || batch.begun_on === null) continue;
    if (source !== null && batch.source !== source) continue;
    tried += batch.units;
    came += Math.min(batch.units, batch.looks.at(-1)?.up ?? 0);
  }
  return { tried, came };
}
