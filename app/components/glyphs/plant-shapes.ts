import type { PlantHead, PlantLeaf } from '~~/core/model/plant-glyph';
import type { Plant } from '~~/core/model/reference';

const dot = (x: number, y: number, r: number) => `M${x - r},${y} a${r},${r} 0 1 0 ${2 * r},0 a${r},${r} 0 1 0 ${-2 * r},0 Z`;
const dots = (r: number, ...at: [number, number][]) => at.map(([x, y]) => dot(x, y, r)).join(' ');
/** Rays about a middle: how many, from and to which radius, how wide; of a part of the circle from one angle (degrees) to another. */
function rays(count: number, from: number, to: number, wide: number, [x, y] = [0, 0], [first, last] = [0, 360]): string {
  return Array.from({ length: count }, (_, i) => {
    const turn = ((first + ((last - first) * i) / (last - first === 360 ? count : count - 1) - 90) * Math.PI) / 180;
    const at = (r: number, side: number) =>
      `${(x + r * Math.cos(turn) - side * wide * Math.sin(turn)).toFixed(1)},${(y + r * Math.sin(turn) + side * wide * Math.cos(turn)).toFixed(1)}`;
    return `M${at(from, 0)} L${at((from + to) / 2, 1)} L${at(to, 0.45)} L${at(to, -0.45)} L${at((from + to) / 2, -1)} Z`;
  }).join(' ');
}
const bell = (x: number, y: number) => `M${x - 3},${y - 3} L${x + 3},${y - 3} L${x + 4.5},${y + 4} L${x - 4.5},${y + 4} Z`;

/** A head in flower about the top of its stem; `eye`: what of it is dark or green, drawn over it. */
export interface HeadShape {
  d: string;
  eye?: string;
  /** Of the eye; brown where it is left out. */
  eyeFill?: string;
  /** One stem carries all of it; three stand side by side where it is left out. */
  single?: boolean;
}

export const HEADS: Record<PlantHead, HeadShape> = {
  umbel: { d: dots(2.7, [-9, 2], [-5, -3], [0, -5], [5, -3], [9, 2], [-3, 2], [3, 2], [0, -1]) },
  globe: { d: dots(3, [0, -7], [-5, -5], [5, -5], [-7, 0], [7, 0], [-5, 5], [5, 5], [0, 7], [0, 0], [-3, -1], [3, 1]) },
  drooping: { d: [bell(-8, 4), bell(-2, 8), bell(5, 7), bell(9, 2)].join(' ') },
  daisies: { d: rays(8, 2, 10, 2.6), eye: dot(0, 0, 3) },
  manyrayed: { d: rays(18, 2, 9.5, 0.9), eye: dot(0, 0, 2.6), eyeFill: '#d9a53a' },
  spray: {
    d: (
      [
        [-12, 4],
        [-6, -2],
        [0, -8],
        [6, -1],
        [12, 5],
        [-3, 6],
        [4, 8],
        [-9, 11],
        [10, 12],
      ] as [number, number][]
    )
      .map((at) => rays(6, 0.5, 3.4, 1, at))
      .join(' '),
    eye: dots(0.9, [-12, 4], [-6, -2], [0, -8], [6, -1], [12, 5], [-3, 6], [4, 8], [-9, 11], [10, 12]),
    single: true,
  },
  flat: { d: dots(2.4, [-11, 0], [-7, -2], [-3, -3], [1, -3], [5, -2], [9, -1], [12, 1], [-5, 2], [0, 2], [5, 2]) },
  dome: { d: dots(3.4, [-9, 5], [-5, -1], [0, -5], [5, -1], [9, 5], [-3, 5], [3, 5], [0, 1]) },
  plume: {
    d: dots(
      2.1,
      [-4, -14],
      [0, -12],
      [4, -9],
      [8, -5],
      [11, 0],
      [-2, -7],
      [3, -3],
      [7, 2],
      [11, 7],
      [-3, 0],
      [1, 5],
      [6, 9],
      [10, 13],
      [-2, 8],
      [2, 13],
    ),
    single: true,
  },
  wand: { d: dots(2.3, [0, -15], [-2, -11], [2, -9], [-2.4, -6], [2.4, -3], [-2.6, 0], [2.6, 3], [-2.6, 6], [2.6, 9], [-2, 12]) },
  candles: { d: 'M0,-17 C3,-9 3.2,6 1.8,11 L-1.8,11 C-3.2,6 -3,-9 0,-17 Z' },
  spikes: { d: 'M0,-12 C5,-6 4.4,6 2.4,9 L-2.4,9 C-4.4,6 -5,-6 0,-12 Z' },
  axils: { d: dots(2.8, [-5, 4], [5, 9], [-5, 16], [5, 21], [-4, 28], [1, -2]) },
  buttons: { d: dots(3.8, [0, -9], [-3, 0], [3, 8], [-3, 16]) },
  cone: { d: rays(9, 3, 11, 2.2, [0, 2], [70, 290]), eye: 'M0,-6 C4,-5 6,0 5.4,4 C2,6.5 -2,6.5 -5.4,4 C-6,0 -4,-5 0,-6 Z' },
  drooprays: { d: rays(6, 2, 12, 1.8, [0, 1], [115, 245]), eye: dot(0, -2, 4.4) },
  pompon: {
    d: dot(0, 0, 9.5),
    eye: 'M-6,-4 C-3,-7 3,-7 6,-4 C3,-5 -3,-5 -6,-4 Z M-8,1 C-4,-2 4,-2 8,1 C4,0 -4,0 -8,1 Z M-6,5 C-3,3 3,3 6,5 C3,4.4 -3,4.4 -6,5 Z',
    eyeFill: '#0004',
  },
  sunflower: { d: rays(15, 4, 13, 2), eye: dot(0, 0, 5.4), single: true },
  wandsun: {
    d: (
      [
        [0, -12],
        [-7, -1],
        [7, 8],
        [-6, 17],
      ] as [number, number][]
    )
      .map((at) => rays(9, 1.5, 6.5, 1.3, at))
      .join(' '),
    eye: dots(1.9, [0, -12], [-7, -1], [7, 8], [-6, 17]),
    single: true,
  },
  thistle: { d: 'M-8,-9 L-5,-4 L-3,-10 L0,-4 L3,-10 L5,-4 L8,-9 L5,3 L-5,3 Z', eye: 'M-5,0 C-6,8 6,8 5,0 Z', eyeFill: '#5f7a4a' },
  whorlhead: { d: rays(11, 2, 12, 1.5, [0, 0], [-110, 110]), eye: dot(0, 1, 3), eyeFill: '#7a5a4a' },
  tiers: { d: dots(2.3, [0, -11], [-3, -9], [3, -9], [-6, 0], [-2, -1], [2, -1], [6, 0], [-7, 9], [-3, 8], [3, 8], [7, 9]) },
  bellspike: { d: [bell(0, -11), bell(-6, -3), bell(6, 3), bell(-6, 9), bell(6, 16)].join(' '), single: true },
  peaspike: { d: dots(2.6, [0, -13], [-3.4, -8], [3.4, -5], [-4, -1], [4, 3], [-4.4, 7], [4.4, 11], [-4, 15]) },
  cups: { d: 'M-9,-7 L-4,-3 L0,-8 L4,-3 L9,-7 C7,6 -7,6 -9,-7 Z' },
  turkscap: {
    d: 'M-9,-5 C-11,2 -6,5 0,4 C6,5 11,2 9,-5 C7,-1 3,0 0,-4 C-3,0 -7,-1 -9,-5 Z M-1,4 L-2,11 L2,11 L1,4 Z',
    eye: dots(0.9, [-4, 1], [4, 1], [0, 2]),
  },
  nodding: { d: 'M-3,-6 C-9,0 -8,6 -10,8 L-3,4 L0,9 L3,4 L10,8 C8,6 9,0 3,-6 Z', single: true },
  flag: { d: 'M0,-13 C5,-9 4,-2 1,0 C10,-2 13,4 10,9 C7,5 2,4 0,3 C-2,4 -7,5 -10,9 C-13,4 -10,-2 -1,0 C-4,-2 -5,-9 0,-13 Z' },
  poker: { d: 'M0,-18 C6,-10 7,2 5,9 L-5,9 C-7,2 -6,-10 0,-18 Z', single: true },
  three: { d: rays(3, 0, 12, 4.4), eye: dot(0, 0, 2), eyeFill: '#d9a53a', single: true },
  hearts: {
    d: (
      [
        [-11, 2],
        [-4, -2],
        [4, -2],
        [11, 3],
      ] as [number, number][]
    )
      .map(
        ([x, y]) =>
          `M${x},${y + 8} C${x - 7},${y + 3} ${x - 4},${y - 3} ${x},${y} C${x + 4},${y - 3} ${x + 7},${y + 3} ${x},${y + 8} Z`,
      )
      .join(' '),
    single: true,
  },
  violet: {
    d: `${rays(2, 1, 7, 2.6, [0, 0], [-35, 35])} ${rays(2, 1, 7, 2.4, [0, 0], [-105, 105])} M0,0 C5,4 3,10 0,10 C-3,10 -5,4 0,0 Z`,
  },
  columbine: { d: 'M-7,2 L-4,-12 L-2,0 L0,-13 L2,0 L4,-12 L7,2 C5,9 -5,9 -7,2 Z', eye: 'M-2,7 L0,13 L2,7 Z', eyeFill: '#d9a53a' },
  carpet: { d: dots(2.6, [-18, 6], [-12, 2], [-6, 5], [0, 1], [6, 5], [12, 2], [18, 6], [-9, 9], [9, 9], [0, 9]), single: true },
  curl: { d: dots(2.2, [-2, 10], [-5, 5], [-6, -1], [-3, -6], [3, -8], [8, -5], [8, 1], [4, 3]) },
  umbrella: {
    d: dots(1.9, [-15, -1], [-11, -4], [-6, -6], [-1, -7], [4, -7], [9, -5], [14, -2], [-8, -2], [-2, -3], [3, -3], [8, -1]),
  },
  stars: { d: rays(5, 0, 10, 2.4) },
  hollyhock: { d: dots(6.4, [0, -8], [-5, 5], [5, 14]), eye: dots(1.8, [0, -8], [-5, 5], [5, 14]), single: true },
};

/** A leaf at the stem, pointing to the right; mirrored for the left. `basal` ones rise from the ground. */
export interface LeafShape {
  d: string;
  basal?: boolean;
  /** More than a pair at one height. */
  whorled?: boolean;
}
export const LEAVES: Partial<Record<PlantLeaf, LeafShape>> = {
  needle: { d: 'M0,0 L13,-3 L13,-1.6 L0,1.2 Z M0,3 L11,4 L11,5 L0,4.4 Z' },
  lance: { d: 'M0,0 C6,-4 14,-3 18,-1 C13,3 6,3 0,1.4 Z' },
  oval: { d: 'M0,0 C4,-6 13,-6 16,-1 C12,5 4,4 0,1.4 Z' },
  broad: { d: 'M0,0 C4,-9 17,-8 19,-1 C16,8 4,6 0,1.4 Z' },
  heart: { d: 'M0,0 C0,-8 6,-8 7,-4 C12,-6 16,-2 18,1 C12,5 4,6 0,1.4 Z' },
  round: { d: 'M0,0 L4,-1 C4,-9 16,-9 16,0 C16,8 4,8 4,1 Z' },
  lobed: { d: 'M0,0 L5,-2 L5,-7 L9,-3 L14,-7 L13,-2 L19,-1 L13,1.4 L14,6 L9,3 L5,6 L5,2 Z' },
  fern: { d: 'M0,0 L4,-5 L4,-1 L8,-6 L8,-1 L12,-5 L12,-0.6 L17,-2 L12,1 L12,5 L8,1.4 L8,6 L4,1.4 L4,5 Z' },
  pinnate: {
    d: 'M0,-0.6 L18,-0.6 L18,0.8 L0,0.8 Z M3,-1 C2,-6 6,-6 6,-1 Z M8,-1 C7,-6 11,-6 11,-1 Z M13,-1 C12,-6 16,-6 16,-1 Z M3,1 C2,6 6,6 6,1 Z M8,1 C7,6 11,6 11,1 Z M13,1 C12,6 16,6 16,1 Z',
  },
  palm: { d: 'M0,0 L5,-1 L7,-9 L9,-1.6 L17,-7 L11,0 L19,2 L11,2.4 L15,8 L8,3.4 L6,8 L5,2 Z' },
  clover: { d: 'M0,0 L6,-0.6 C5,-7 11,-8 11,-2 C17,-5 19,1 12,1.4 C14,8 7,8 7,1.6 Z' },
  whorl: { d: 'M0,0 C6,-3 13,-2 16,0 C12,3 6,2 0,1 Z M0,-1 C4,-6 10,-7 13,-6 C10,-2 5,0 0,1 Z', whorled: true },
  grass: { d: 'M0,0 Q6,-20 16,-30 Q9,-14 3,0 Z M0,0 Q12,-10 22,-16 Q12,-6 3,0 Z', basal: true },
  sword: { d: 'M0,0 Q4,-24 10,-40 Q11,-20 6,0 Z M2,0 Q10,-16 20,-26 Q13,-10 8,0 Z', basal: true },
  rosette: { d: 'M0,0 C4,-10 16,-14 22,-12 C20,-4 10,1 0,1.4 Z M0,0 C8,-3 18,-4 24,-1 C18,2 8,2 0,1.4 Z', basal: true },
  succulent: { d: 'M0,0 C3,-8 14,-8 15,-1 C14,5 3,5 0,1.4 Z M1,-3 C4,-11 12,-12 14,-6 C10,-3 4,-2 1,-1 Z' },
  pads: { d: 'M0,0 C-2,-16 18,-20 18,-4 C18,4 8,6 0,1 Z M14,-12 C14,-26 30,-24 28,-12 C26,-4 16,-4 14,-12 Z', basal: true },
  cycad: { d: 'M0,0 Q12,-18 26,-20 Q14,-12 3,1 Z M0,0 Q10,-28 18,-34 Q12,-16 3,0 Z', basal: true },
  fan: { d: 'M0,0 L8,-26 L11,-14 L18,-26 L17,-13 L26,-19 L20,-9 L28,-8 L18,-4 Z', basal: true },
};

const HEAD_OF_FORM: Record<Plant['flower_form'], PlantHead | null> = {
  flat: 'flat',
  daisy: 'daisies',
  tube: 'bellspike',
  spike: 'spikes',
  globe: 'globe',
  pea: 'peaspike',
  bell: 'drooping',
  catkin: 'axils',
  none: null,
};
/** The head a plant is drawn with where its row names none. */
export const headOf = ({ flower_form }: Pick<Plant, 'flower_form'>): PlantHead | null => HEAD_OF_FORM[flower_form];
