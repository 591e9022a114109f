import type { WingMark } from '~~/core/model/glyph';

/** One stroke or fill of a field mark, in the field of the right wings. */
export interface Draw {
  d: string;
  /** Width of the stroke; filled where it is left out. */
  stroke?: number;
  dash?: string;
  opacity?: number;
  /** Ringed in ink, as eyespots are. */
  ringed?: string;
}

const spot = (x: number, y: number, r: number) => `M${x - r},${y} a${r},${r} 0 1 0 ${2 * r},0 a${r},${r} 0 1 0 ${-2 * r},0 Z`;
const spots = (r: number, ...at: [number, number][]) => at.map(([x, y]) => spot(x, y, r)).join(' ');
const FORE_EDGE = 'M96,6 C99,20 93,36 77,43';
const HIND_EDGE = 'M85,50 C88,68 70,79 56,69';
const FORE_INSIDE = 'M90,13 C92,22 87,32 76,38';
const HIND_INSIDE = 'M78,52 C80,62 69,69 59,63';
const FORE_ROW: [number, number][] = [
  [89, 14],
  [89, 21],
  [85, 28],
  [80, 34],
  [73, 38],
];
const HIND_ROW: [number, number][] = [
  [78, 53],
  [76, 60],
  [70, 65],
  [63, 66],
];
const CHECKS =
  'M60,31 l5,-3 M68,26 l5,-3 M76,22 l5,-2 M66,37 l5,-2 M75,32 l5,-3 M83,26 l4,-2 M60,51 l5,1 M68,54 l5,1 M74,58 l4,1 M63,60 l5,2';

/** How each field mark of the wings is drawn. */
export const WING_DRAWS: Record<WingMark, Draw[]> = {
  hindfill: [{ d: 'M50,43 L90,43 L90,80 L50,80 Z' }],
  hindpale: [{ d: 'M50,43 L90,43 L90,80 L50,80 Z', opacity: 0.85 }],
  hindshade: [{ d: 'M50,43 L90,43 L90,80 L50,80 Z', opacity: 0.75 }],
  hindrose: [{ d: 'M53,42 C64,42 72,44 75,49 C66,52 58,50 53,46 Z' }],
  base: [{ d: spot(54, 43, 17), opacity: 0.75 }],
  frost: [{ d: `${FORE_EDGE} ${HIND_EDGE}`, stroke: 22, opacity: 0.8 }],
  sheen: [{ d: 'M51,44 C64,44 80,46 84,54 C82,68 66,74 56,66 Z', opacity: 0.8 }],
  under: [{ d: 'M58,48 C68,48 78,50 80,56 C76,66 64,68 58,62 Z', opacity: 0.9 }],
  silver: [{ d: 'M62,49 L74,50 L70,60 L63,58 Z' }],
  forepatch: [{ d: 'M72,16 L90,14 L86,34 L74,36 Z', opacity: 0.9 }],
  hindpatch: [{ d: 'M58,50 C66,49 76,50 79,55 C72,60 62,60 57,56 Z' }],
  fire: [{ d: `${FORE_INSIDE} ${HIND_INSIDE}`, stroke: 13 }],
  fire2: [{ d: 'M82,17 C84,24 80,31 70,36 M71,53 C73,59 66,63 58,60', stroke: 4 }],
  darkpatch: [{ d: 'M58,30 L74,22 L70,34 Z M86,14 L96,16 L84,28 Z M56,44 L68,44 L62,50 Z' }],
  window: [{ d: 'M60,33 C70,25 82,18 93,18 C86,27 74,34 60,36 Z M56,42 L71,45 L60,49 Z' }],
  blue: [{ d: HIND_INSIDE, stroke: 8, opacity: 0.85 }],
  tipo: [{ d: 'M77,2 L101,2 L101,30 L84,36 Z' }],
  tip: [{ d: 'M84,2 L101,2 L101,28 L90,31 Z' }],
  tipsoft: [{ d: 'M85,2 L101,2 L101,24 L92,26 Z', opacity: 0.75 }],
  jag: [
    {
      d: 'M99,4 L99,40 L76,44 L80,38 L79,34 L86,33 L84,28 L90,26 L87,20 L93,16 Z M88,46 L84,74 L54,74 L60,67 L62,62 L68,64 L70,59 L75,60 L76,54 L80,53 Z',
    },
  ],
  jagbig: [
    {
      d: 'M99,4 L99,40 L74,44 L80,36 L74,31 L84,30 L78,23 L89,22 L83,14 Z M88,46 L84,74 L54,74 L60,67 L60,60 L67,63 L68,56 L74,59 L74,52 Z',
    },
  ],
  thin: [{ d: 'M62,20 L68,40 M74,13 L77,36 M84,9 L84,26 M58,44 L66,62', stroke: 1.6 }],
  stripes: [{ d: 'M59,23 L64,42 M69,15 L74,40 M79,9 L81,30 M88,6 L88,18 M56,44 L62,64', stroke: 4 }],
  bars: [{ d: 'M58,26 L62,44 M65,20 L68,43 M73,14 L75,38 M80,10 L81,32 M88,7 L87,24 M55,44 L60,66 M63,44 L66,66', stroke: 3 }],
  zebra: [{ d: 'M54,41 L86,17 M70,40 L90,25 M54,47 L76,50 M86,14 L93,18', stroke: 4.5 }],
  margin: [{ d: `${FORE_EDGE} ${HIND_EDGE}`, stroke: 13 }],
  narrow: [{ d: `${FORE_EDGE} M98,15 C92,27 74,38 51,40 M77,49 C70,55 58,52 51,47`, stroke: 3.5 }],
  dogface: [{ d: 'M99,2 L99,42 L76,46 L77,40 L84,36 L76,31 L70,26 L77,22 L84,24 L84,16 L76,8 Z M88,48 L84,72 L70,72 L78,60 Z' }],
  inner: [{ d: 'M51,46 C52,56 54,63 59,69', stroke: 7 }],
  costa: [{ d: 'M49,37 C58,14 82,7 98,15', stroke: 3.5 }],
  veins: [
    {
      d: 'M51,38 L96,10 M51,39 L92,26 M51,40 L80,40 M62,22 L70,42 M51,44 L84,52 M51,45 L78,66 M51,46 L62,70',
      stroke: 1.8,
    },
  ],
  veinsoft: [
    { d: 'M51,38 L94,12 M51,39 L90,27 M52,40 L80,40 M51,44 L84,54 M51,45 L76,66 M51,46 L62,70', stroke: 1.4, opacity: 0.9 },
  ],
  whiteveins: [{ d: 'M60,29 L78,38 M66,24 L80,33 M73,20 L85,28 M80,16 L89,22', stroke: 1.6 }],
  pinkveins: [{ d: 'M72,34 L84,20 M64,44 L72,50', stroke: 2.4 }],
  lines: [{ d: 'M76,13 C78,24 74,34 66,42 M72,47 C74,56 66,62 58,62', stroke: 1.4 }],
  pinkline: [{ d: 'M86,10 C86,24 82,36 74,43 M79,48 C82,60 70,70 57,68', stroke: 2.4 }],
  hawkband: [{ d: 'M54,36 C68,32 82,24 95,16', stroke: 3.2 }],
  band: [{ d: 'M86,14 C82,26 76,36 66,43 M78,50 C70,55 60,58 54,60', stroke: 5, dash: '5 1.6' }],
  cross: [{ d: 'M54,44 C66,38 80,26 90,13', stroke: 5, dash: '6 1.6' }],
  bandw: [{ d: 'M80,16 C80,28 76,36 68,44 M74,46 C72,54 66,60 58,63', stroke: 5.5 }],
  whiteband: [{ d: 'M80,16 C80,28 76,36 68,44 M74,46 C72,54 66,60 58,63', stroke: 4.5, dash: '4.5 1.4' }],
  redband: [{ d: 'M84,14 C84,28 80,37 72,44 M78,47 C77,56 70,63 60,66', stroke: 2.6 }],
  bar: [{ d: 'M70,12 C72,24 78,34 82,40', stroke: 5 }],
  tipband: [{ d: 'M80,9 C80,18 84,24 90,27', stroke: 5 }],
  tipbar: [{ d: 'M80,10 L85,20', stroke: 4.5 }],
  tippatch: [{ d: 'M80,11 C88,9 94,11 93,18 C90,24 82,24 79,20 Z', ringed: '#1f1a18' }],
  tipdots: [{ d: spots(1.9, [84, 11], [89, 14], [91, 19], [84, 22], [80, 18]) }],
  goldpatch: [{ d: 'M68,20 L78,17 L76,30 L66,36 Z M60,49 L72,50 L71,57 L62,58 Z' }],
  goldspots: [{ d: 'M66,27 L73,24 L74,33 L68,35 Z M77,21 L82,20 L82,26 L78,28 Z M75,35 L79,33 L79,37 Z' }],
  patchsq: [{ d: 'M66,26 L77,23 L76,35 L67,36 Z' }],
  slash: [{ d: 'M64,38 L80,20', stroke: 2.6 }],
  dashes: [{ d: 'M82,14 L82,19 M81,22 L80,27 M77,30 L75,34 M74,51 L74,55 M70,57 L69,61 M63,60 L62,64', stroke: 2.2 }],
  glass: [{ d: spots(1.4, [76, 20], [79, 22], [81, 25], [70, 27], [74, 31]) }],
  checks: [{ d: CHECKS, stroke: 2.8 }],
  creamchecks: [
    { d: CHECKS, stroke: 4 },
    { d: 'M89,12 l2,8 M88,25 l-2,6 M81,35 l-4,3 M80,54 l-1,7 M74,66 l-7,3', stroke: 3.2 },
  ],
  hem: [{ d: HIND_INSIDE, stroke: 5 }],
  hemband: [{ d: `${FORE_EDGE} ${HIND_EDGE}`, stroke: 13 }],
  hemdots: [{ d: spots(1.7, ...HIND_ROW) }],
  hindedge: [{ d: HIND_EDGE, stroke: 11 }],
  bluehem: [{ d: 'M74,50 C77,58 69,67 59,65', stroke: 7, dash: '5 1.5' }],
  bluerow: [{ d: spots(1.5, [86, 15], [86, 22], [82, 28], [77, 34], [75, 53], [73, 59], [68, 63], [62, 63]) }],
  chain: [{ d: spots(2.2, ...HIND_ROW), ringed: '#2a1f1a' }],
  crescents: [{ d: 'M70,24 q6,2 5,9 q-5,-1 -5,-9 Z M66,50 q8,1 7,8 q-7,0 -7,-8 Z' }],
  ringed: [{ d: spots(1.8, [66, 33], [72, 28], [78, 24]), ringed: '#211b18' }],
  dots: [{ d: spots(1.8, [93, 12], [92, 19], [88, 27], [82, 34], [75, 39], [82, 53], [79, 61], [72, 67], [64, 69]) }],
  dotsbig: [{ d: spots(2.8, [88, 14], [87, 22], [82, 30], [75, 36], [76, 53], [72, 59], [66, 63], [60, 63]) }],
  dotsrow: [{ d: spots(1.9, ...FORE_ROW.map(([x, y]): [number, number] => [x - 7, y + 1])) }],
  threedots: [{ d: spots(2, [76, 26], [70, 54], [63, 58]) }],
  cell: [{ d: spot(72, 25, 2.5) }],
  cellbar: [{ d: 'M70,23 L73,30', stroke: 3 }],
  cellbars: [{ d: 'M63,25 L67,34 M70,20 L74,29', stroke: 4.4 }],
  hindspot: [{ d: spot(66, 55, 2.6) }],
  eye: [{ d: spot(60, 64, 2.8), ringed: '#211f1c' }],
  eyes: [{ d: spots(3.4, [74, 24], [66, 55]), ringed: '#211f1c' }],
  eyesF: [{ d: spot(75, 25, 2.6), ringed: '#4a3a2c' }],
  bigeyes: [
    { d: spots(4.2, [80, 29], [72, 53]), ringed: '#e0c58a' },
    { d: spot(62, 61, 2.6), ringed: '#e0c58a' },
  ],
  bigeyesH: [{ d: spot(69, 55, 5.4), ringed: '#e6cf6a' }],
  eyesmall: [{ d: spots(1.8, [63, 64], [69, 63]) }],
  eyesrow: [{ d: spots(1.9, ...HIND_ROW), ringed: '#211f1c' }],
  eyerow: [{ d: spots(2.2, [82, 21], [79, 29], [74, 53], [70, 59], [63, 62]), ringed: '#dcc79a' }],
  eyepairs: [{ d: spots(2.6, [82, 19], [77, 32], [73, 55], [64, 61]), ringed: '#dcb35a' }],
  foreeye: [{ d: spot(79, 30, 3.2), ringed: '#d9a55a' }],
  foreeyes: [{ d: spots(3, [83, 20], [78, 32]), ringed: '#dcb35a' }],
  foredot: [{ d: spot(86, 17, 2.2), ringed: '#f0e3bd' }],
  fringe: [{ d: HIND_EDGE, stroke: 5 }],
  cloud: [{ d: 'M60,47 L72,48 L78,54 L70,62 L60,60 L56,52 Z M68,22 L80,18 L78,28 L70,32 Z', opacity: 0.85 }],
  subband: [{ d: 'M80,49 C78,57 68,62 57,63', stroke: 6 }],
  hairline: [{ d: 'M85,12 C84,24 80,34 73,42 M78,47 C77,55 69,61 59,63', stroke: 1.6 }],
  hairwhite: [{ d: 'M87.5,12 C86.5,25 82.5,35 75,43 M80.5,47 C79.5,57 71,63.5 60,65.5', stroke: 1.8 }],
  wline: [{ d: 'M81,50 L76,57 L72,55 L68,62 L63,59 L59,65', stroke: 2 }],
  chevrons: [{ d: 'M80,49 L74,55 L72,50 L68,59 L64,53 L60,62 L57,55', stroke: 2.6 }],
  ringrow: [
    {
      d: spots(1.6, [86, 17], [84, 23], [80, 29], [75, 34], [70, 38], [77, 51], [73, 56], [68, 60], [61, 61]),
      ringed: '#f4f0e6',
    },
  ],
  silverspots: [
    {
      d: spots(
        2,
        [58, 50],
        [64, 48],
        [70, 48],
        [76, 50],
        [60, 57],
        [67, 55],
        [73, 56],
        [79, 56],
        [62, 64],
        [69, 63],
        [75, 61],
        [87, 17],
        [85, 24],
      ),
    },
  ],
};
