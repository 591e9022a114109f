import { randomFrom, seedOf } from '~~/core/model/random';
import { bows, leafColour, type GlyphPath } from './crown-glyph';
import type { ScenePlant } from './bed-scene';

const n = (value: number) => Number(value.toFixed(3));
const DRY = '#b99d6b';
const WOOD = '#8a6a4c';
const ellipse = (x: number, y: number, rx: number, ry: number) =>
  `M${n(x - rx)},${n(y)}a${n(rx)},${n(ry)} 0 1 0 ${n(2 * rx)},0a${n(rx)},${n(ry)} 0 1 0 ${n(-2 * rx)},0Z`;

/** A plant seen from the side, in metres about its foot with heights upward: stems, crown and flowers as they stand. */
export function silhouette({ here: { plant }, size, stature, now, mature, nth }: ScenePlant): GlyphPath[] {
  const grown = now / mature;
  const h = (size.height.expected / 100) * stature.height * Math.max(0.35, grown);
  const r = now;
  const random = randomFrom(seedOf(`${plant.id} ${nth}`));
  const leaf = stature.look === 'dry' ? DRY : leafColour(plant);
  const flowers = stature.look === 'flower' && plant.flower_form !== 'none';
  const bloom = (points: [number, number][], reach: number): GlyphPath[] =>
    flowers
      ? [
          {
            d: points.map(([x, y]) => ellipse(x, y, reach, reach)).join(''),
            fill: plant.colour_hex,
            stroke: '#3a2d2466',
            width: 0.005,
          },
        ]
      : [];
  if (plant.kind === 'tree' || plant.kind === 'shrub') {
    const clear = plant.kind === 'tree' ? h * 0.3 : h * 0.08;
    const crown = (h - clear) / 2;
    const stem: GlyphPath = { d: `M0,0L0,${n(clear + crown * 0.6)}`, stroke: WOOD, width: plant.kind === 'tree' ? 0.12 : 0.05 };
    if (stature.look === 'wood') {
      const twigs = Array.from(
        { length: 7 },
        (_, i) =>
          `M0,${n(clear)}Q${n((i - 3) * r * 0.12)},${n(h * 0.6)} ${n(((i - 3) / 3) * r * 0.8)},${n(h * (0.8 + 0.2 * random()))}`,
      );
      return [stem, { d: twigs.join(''), stroke: WOOD, width: 0.025 }];
    }
    const spots = Array.from({ length: Math.min(60, Math.round(26 * r * crown) + 12) }, (): [number, number] => {
      const [turn, far] = [random() * 2 * Math.PI, Math.sqrt(random()) * 0.85];
      return [r * far * Math.cos(turn), clear + crown + crown * far * Math.sin(turn)];
    });
    const outline = bows(13, 0.94, 0.12, random, [r, crown], clear + crown);
    return [stem, { d: outline, fill: leaf, opacity: 0.9, stroke: '#3d5a34', width: 0.012 }, ...bloom(spots, 0.04)];
  }
  const stems = plant.kind === 'grass' || plant.kind === 'sedge' ? 13 : Math.max(3, Math.min(9, Math.round(r * 18)));
  const tops = Array.from({ length: stems }, (_, i): [number, number] => {
    const lean = stems === 1 ? 0 : (i / (stems - 1)) * 2 - 1;
    return [lean * r * 0.85, h * (1 - 0.18 * Math.abs(lean) - 0.08 * random())];
  });
  const stalks = tops.map(([x, y]) => `M${n(x * 0.25)},0Q${n(x * 0.35)},${n(y * 0.6)} ${n(x)},${n(y)}`).join('');
  if (plant.kind === 'grass' || plant.kind === 'sedge')
    return [
      { d: stalks, stroke: leaf, width: 0.018 },
      ...bloom(
        tops.filter((_, i) => i % 2 === 0),
        0.025,
      ),
    ];
  const mound = `M${n(-r)},0Q${n(-r * 0.9)},${n(h * 0.75)} 0,${n(h * 0.82)}Q${n(r * 0.9)},${n(h * 0.75)} ${n(r)},0Z`;
  if (stature.look === 'dry') return [{ d: stalks, stroke: DRY, width: 0.02 }];
  return [
    { d: mound, fill: leaf, opacity: 0.78 },
    { d: stalks, stroke: leaf, width: 0.016 },
    ...bloom(tops, Math.min(0.055, Math.max(0.022, r * 0.16))),
  ];
}
