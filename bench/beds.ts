import { arrange } from '../core/layout/arrange';
import { rowsOf } from '../core/layout/rows';
import { scoreOf } from '../core/layout/score';
import { bedQuestion, type Bedded } from '../core/testing/layout';
import { plant } from '../core/testing/worked-garden';

/**
 * Arranging beds, as ratios to setting the same plants in plain rows and judging them, in the same process. The two beds of the
 * aims: 12 m² with 14 kinds in under 2 s, 60 m² with 35 kinds in under 10 s; on this machine both seconds and ratio are shown.
 */
const KINDS = ['perennial', 'perennial', 'grass', 'perennial', 'bulb', 'shrub'] as const;
const COLOURS = ['#d96fa0', '#f2d24a', '#7a4fa0', '#f5f2ea', '#e8732a', '#3d5fc2'];

/** Kinds of all sizes and colours, flowering one after the other, that fill about two thirds of an area (m²). */
function kinds(count: number, area: number): Bedded[] {
  return Array.from({ length: count }, (_, i): Bedded => {
    const kind = KINDS[i % KINDS.length]!;
    const spacing = kind === 'shrub' ? 110 : kind === 'bulb' ? 12 : 30 + ((i * 7) % 30);
    const share = (area * 0.66) / count;
    const row = plant(`kind-${i}`, {
      kind,
      spacing_cm: spacing,
      spread_cm: spacing,
      height_min_cm: 15 + ((i * 37) % 160),
      height_max_cm: 25 + ((i * 37) % 160),
      colour_hex: COLOURS[i % COLOURS.length],
      bloom_first: 6 + (i % 10),
      bloom_last: 8 + (i % 10),
    });
    return [row, Math.max(1, Math.min(12, Math.round(share / (spacing / 100) ** 2)))];
  });
}

const timed = <T>(work: () => T): [T, number] => {
  const from = performance.now();
  const value = work();
  return [value, performance.now() - from];
};

for (const [name, size, count] of [
  ['12 m², 14 kinds', [5, 2.4], 14],
  ['60 m², 35 kinds', [12, 5], 35],
] as const) {
  const question = bedQuestion([size[0], size[1]], kinds(count, size[0] * size[1]));
  arrange(question);
  const [rows, plain] = timed(() => {
    const found = rowsOf(question);
    scoreOf(question, found);
    return found;
  });
  const [found, all] = timed(() => arrange(question));
  const before = scoreOf(question, rows);
  console.log(
    `${name}: ${found.best.plants.length} plants, ${Math.round(all / plain)} × plain rows (${(all / 1000).toFixed(1)} s); ` +
      `score ${before.total.toFixed(2)} in rows, ${found.score.total.toFixed(2)} arranged; left out ${before.rules.placed} and ${found.score.rules.placed}`,
  );
}
