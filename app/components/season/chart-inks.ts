import type { Ink } from '../place/yard/yard-marks';

type Weave = 'plain' | 'slant' | 'dots' | 'bars';
interface BandInk {
  ink: Ink;
  weave: Weave;
}
const OTHERS: readonly BandInk[] = [
  { ink: 'special', weave: 'slant' },
  { ink: 'shelter', weave: 'dots' },
  { ink: 'thin', weave: 'bars' },
  { ink: 'quiet', weave: 'plain' },
  { ink: 'special', weave: 'dots' },
  { ink: 'shelter', weave: 'slant' },
  { ink: 'thin', weave: 'plain' },
  { ink: 'quiet', weave: 'bars' },
];

/** How the n-th band of a chart of nectar or host leaf is drawn: by ink and by weave, so that none is distinguished by its colour alone. */
export function bandInk(of: 'nectar' | 'host', n: number): BandInk {
  const inks: readonly BandInk[] = [{ ink: of, weave: 'plain' }, ...OTHERS, { ink: of, weave: 'dots' }];
  return inks[n % inks.length]!;
}

/** A band's ink in its weave, for a canvas; plain where patterns cannot be made. */
export function patternOf({ ink, weave }: BandInk, inks: Record<Ink, string>): CanvasPattern | string {
  const tile = document.createElement('canvas');
  tile.width = tile.height = 8;
  const ctx = tile.getContext('2d');
  if (!ctx || weave === 'plain') return inks[ink];
  ctx.fillStyle = inks[ink];
  ctx.fillRect(0, 0, 8, 8);
  ctx.strokeStyle = ctx.fillStyle = inks.ground;
  ctx.globalAlpha = 0.55;
  ctx.lineWidth = 1.6;
  if (weave === 'slant')
    for (const x of [-8, 0, 8]) {
      ctx.beginPath();
      ctx.moveTo(x, 8);
      ctx.lineTo(x + 8, 0);
      ctx.stroke();
    }
  else if (weave === 'bars') ctx.fillRect(0, 0, 8, 2);
  else {
    ctx.beginPath();
    ctx.arc(4, 4, 1.7, 0, 2 * Math.PI);
    ctx.fill();
  }
  return ctx.createPattern(tile, 'repeat') ?? inks[ink];
}
