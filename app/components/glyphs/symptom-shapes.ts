/** A line or shape of a drawing, in a square of 64. */
export interface Shape {
  d: string;
  fill: string;
  stroke: string;
  width: number;
  dash?: string;
}

const GREEN = 'var(--host)';
const BROWN = 'var(--shelter)';
const BLOOM = 'var(--nectar)';
const OCHRE = 'var(--thin)';
const INK = 'var(--ink)';
const PALE = 'var(--raised)';
const QUIET = 'var(--quiet)';
const RED = 'var(--gap)';
const BLUE = 'var(--special)';

const area = (d: string, fill: string): Shape => ({ d, fill, stroke: 'none', width: 0 });
const line = (d: string, stroke = INK, width = 2): Shape => ({ d, fill: 'none', stroke, width });
const dashed = (d: string, stroke = QUIET, width = 1.5): Shape => ({ ...line(d, stroke, width), dash: '3 3' });
const dot = (x: number, y: number, r: number) => `M${x - r},${y} a${r},${r} 0 1 0 ${2 * r},0 a${r},${r} 0 1 0 ${-2 * r},0 Z`;
const dots = (points: readonly (readonly [number, number])[], r: number, fill: string) =>
  area(points.map(([x, y]) => dot(x, y, r)).join(' '), fill);

const LEAF = 'M32,58 C14,48 10,26 32,5 C54,26 50,48 32,58 Z';
const MIDRIB = line('M32,62 L32,10', PALE, 1.6);
const VEINS = 'M32,46 L20,36 M32,46 L44,36 M32,35 L19,25 M32,35 L45,25 M32,25 L23,17 M32,25 L41,17';
const leaf = (fill = GREEN): Shape[] => [area(LEAF, fill), MIDRIB, line(VEINS, PALE, 1)];
const petals = (x: number, y: number, r: number, count: number) =>
  Array.from({ length: count }, (_, i) => {
    const turn = (2 * Math.PI * i) / count;
    return dot(x + Math.cos(turn) * r, y + Math.sin(turn) * r, r * 0.55);
  }).join(' ');
const flower = (x: number, y: number, r: number, fill = BLOOM): Shape[] => [
  area(petals(x, y, r, 7), fill),
  dots([[x, y]], r * 0.6, OCHRE),
];
const STEM = line('M32,62 L32,24', GREEN, 3);
const SIDE_LEAVES = area('M32,48 C22,47 17,41 15,33 C25,35 31,40 32,48 Z M32,42 C42,41 47,35 49,27 C39,29 33,34 32,42 Z', GREEN);
const GROUND = line('M4,60 L60,60', 'var(--line)', 2.5);
const clump = (tilt: number, color = GREEN): Shape =>
  line(
    [-10, -5, 0, 5, 10].map((x) => `M${32 + x * 0.4},60 Q${32 + x},40 ${32 + x * 1.6 + tilt},${18 + Math.abs(x)}`).join(' '),
    color,
    2.5,
  );
const WINGS =
  'M31,30 C20,8 6,12 8,26 C9,34 22,37 31,33 C22,36 14,44 18,52 C23,58 30,46 32,36 C34,46 41,58 46,52 C50,44 42,36 33,33 C42,37 55,34 56,26 C58,12 44,8 33,30 Z';
const adult = (fill = OCHRE): Shape[] => [
  area(WINGS, fill),
  line('M32,26 L32,46', INK, 3),
  line('M32,26 L27,18 M32,26 L37,18', INK, 1.2),
];
const LARVA = 'M8,36 C8,26 14,24 20,24 L46,24 C54,24 58,28 58,34 C58,42 54,44 48,44 L16,44 C11,44 8,42 8,36 Z';
const larva = (fill = GREEN): Shape[] => [
  area(LARVA, fill),
  line('M18,24 L18,44 M28,24 L28,44 M38,24 L38,44 M48,24 L48,44', INK, 1.5),
];
const CROSS = line('M50,6 L60,16 M60,6 L50,16', RED, 2.5);
const BIRD = 'M10,40 C18,30 26,28 34,30 C38,24 46,22 50,26 L63,22 L51,30 C48,40 38,44 30,44 L14,56 L18,44 Z';
const POT = 'M14,26 L50,26 L45,58 L19,58 Z';
const TWIG = line('M6,56 C22,46 36,34 58,10 M28,42 L22,26 M40,29 L50,32', BROWN, 3);
const BARK = 'M22,4 L42,4 L44,60 L20,60 Z';

/** Drawings of what is seen, by the glyph of the row: a part, then its mark. */
const DRAWINGS: Record<string, Shape[]> = {
  'flower none': [STEM, SIDE_LEAVES, dashed(petals(32, 18, 9, 7), QUIET)],
  'flower few': [
    line('M20,62 L18,30 M32,62 L32,22 M44,62 L47,30', GREEN, 2.5),
    ...flower(32, 16, 7),
    dots(
      [
        [18, 27],
        [47, 27],
      ],
      3,
      GREEN,
    ),
  ],
  'flower fallen': [
    STEM,
    SIDE_LEAVES,
    line('M32,24 Q34,12 42,14', GREEN, 2.5),
    area('M42,10 q6,4 2,11 q-7,-2 -2,-11 Z', BROWN),
    area('M14,52 q8,0 7,7 q-8,2 -7,-7 Z M46,53 q8,-1 8,6 q-8,2 -8,-6 Z', BROWN),
  ],
  'flower leafy': [
    STEM,
    SIDE_LEAVES,
    area(petals(32, 17, 9, 7), GREEN),
    line('M32,17 L32,5 M32,17 L22,9 M32,17 L42,9', GREEN, 2.5),
  ],
  'flower leaf': [
    line('M32,62 L32,8', GREEN, 3),
    area(
      'M32,54 C18,54 12,46 10,38 C22,38 31,44 32,54 Z M32,46 C46,46 52,38 54,30 C42,30 33,36 32,46 Z M32,34 C20,33 15,26 14,18 C25,19 31,25 32,34 Z M32,26 C43,25 47,18 48,10 C38,11 33,17 32,26 Z',
      GREEN,
    ),
  ],
  'flower holes': [
    STEM,
    SIDE_LEAVES,
    ...flower(32, 17, 10),
    dots(
      [
        [24, 12],
        [38, 24],
        [40, 12],
      ],
      3,
      PALE,
    ),
  ],
  'fruit none': [TWIG, area('M22,26 q-9,-2 -9,-11 q10,1 9,11 Z', GREEN), dashed(`${dot(50, 38, 5)} ${dot(26, 14, 5)}`), CROSS],
  'plant flop': [
    GROUND,
    line('M32,60 Q26,40 8,46 M32,60 Q28,34 12,30 M32,60 Q38,40 56,48 M32,60 Q36,34 52,32', GREEN, 2.5),
    dots(
      [
        [8, 46],
        [12, 30],
        [56, 48],
        [52, 32],
      ],
      4,
      BLOOM,
    ),
  ],
  'plant thin': [
    GROUND,
    line('M32,60 Q30,34 40,6', GREEN, 1.6),
    area('M36,32 q-8,-1 -10,-7 q8,-1 10,7 Z M38,20 q7,-2 8,-9 q-8,1 -8,9 Z', OCHRE),
  ],
  'plant droop': [
    GROUND,
    line('M32,60 L32,28 Q32,16 46,22', GREEN, 3),
    area('M32,40 C22,40 17,48 16,56 C26,56 31,50 32,40 Z M46,22 C56,24 57,34 54,42 C46,38 43,30 46,22 Z', GREEN),
  ],
  'plant legs': [
    GROUND,
    line('M32,60 L32,34', BROWN, 3),
    line('M32,52 L24,48 M32,46 L40,42', BROWN, 1.5),
    line('M32,34 L32,10', GREEN, 3),
    area('M32,30 C22,29 17,23 15,15 C25,17 31,22 32,30 Z M32,26 C42,25 47,19 49,11 C39,13 33,18 32,26 Z', GREEN),
  ],
  'plant gone': [GROUND, dashed('M32,60 L32,24 M32,46 Q22,44 16,34 M32,40 Q42,38 48,28'), line('M32,60 L32,54', BROWN, 3)],
  'plant vanish': [
    GROUND,
    dashed('M32,60 L32,30 M32,48 Q22,46 16,36 M32,44 Q42,42 48,32'),
    dots([[14, 14]], 6, OCHRE),
    line('M14,4 L14,1 M14,24 L14,27 M4,14 L1,14 M24,14 L27,14', OCHRE, 2),
  ],
  'plant dead': [GROUND, line('M32,60 L32,20 M32,48 Q20,46 14,52 M32,38 Q44,36 50,44 M32,26 Q24,24 20,30', BROWN, 2.5)],
  'plant ring': [
    GROUND,
    line('M10,60 Q8,44 4,32 M16,60 Q15,42 14,28 M48,60 Q50,42 50,28 M54,60 Q57,44 60,32', GREEN, 2.5),
    line('M26,60 L25,52 M32,60 L32,50 M38,60 L39,52', BROWN, 2),
  ],
  'plant small': [
    GROUND,
    line('M32,60 L32,48', GREEN, 2.5),
    area('M32,54 q-8,-1 -10,-7 q8,-1 10,7 Z M32,52 q8,-1 10,-7 q-8,-1 -10,7 Z', GREEN),
    dashed('M54,58 L54,10 M50,14 L54,8 L58,14'),
  ],
  'plant new': [
    GROUND,
    area('M22,60 L42,60 L39,48 L25,48 Z', BROWN),
    line('M32,48 L32,26', GREEN, 2.5),
    area('M32,38 q-9,2 -13,9 q10,1 13,-9 Z M32,32 q9,2 12,9 q-9,1 -12,-9 Z', OCHRE),
  ],
  'plant many': [
    GROUND,
    clump(0),
    line('M10,60 L10,48 M18,60 L16,50 M48,60 L48,50 M56,60 L55,46', GREEN, 2),
    line('M14,62 L50,62', BROWN, 2),
  ],
  'plant lifted': [
    GROUND,
    clump(0),
    line('M26,60 Q24,50 32,46 Q40,50 38,60', BROWN, 2.5),
    line('M8,54 L8,44 M5,47 L8,43 L11,47', QUIET, 1.6),
  ],
  'plant edge': [
    area('M0,46 L64,46 L64,64 L0,64 Z', 'var(--bank)'),
    line('M8,46 L8,34 M16,46 L15,32 M24,46 L24,36', BROWN, 2.5),
    line('M36,46 L36,26 M44,46 L46,22 M52,46 L54,26', GREEN, 2.5),
  ],
  'plant question': [
    GROUND,
    line('M20,60 L20,34', GREEN, 3),
    area('M20,46 q-10,-1 -12,-9 q10,0 12,9 Z', GREEN),
    line('M36,22 C36,12 52,12 52,22 C52,30 44,29 44,38', RED, 3),
    dots([[44, 46]], 2.4, RED),
  ],
  'leaf yellow': leaf(OCHRE),
  'leaf veins': [area(LEAF, OCHRE), line(`M32,62 L32,10 ${VEINS}`, GREEN, 3)],
  'leaf edge': [area(LEAF, BROWN), area('M32,52 C20,44 18,28 32,12 C46,28 44,44 32,52 Z', GREEN), MIDRIB],
  'leaf dust': [
    ...leaf(),
    dots(
      [
        [24, 28],
        [38, 22],
        [27, 42],
        [40, 38],
        [32, 16],
        [22, 36],
        [36, 48],
      ],
      4,
      PALE,
    ),
  ],
  'leaf spots': [
    ...leaf(),
    dots(
      [
        [24, 28],
        [39, 24],
        [27, 44],
        [41, 40],
        [31, 17],
      ],
      3.4,
      INK,
    ),
  ],
  'leaf drops': [
    ...leaf(),
    area('M22,24 q5,7 0,10 q-5,-3 0,-10 Z M42,34 q5,7 0,10 q-5,-3 0,-10 Z', BLUE),
    area('M26,46 q8,-3 12,1 q-5,6 -12,-1 Z', INK),
  ],
  'leaf eaten': [
    ...leaf(),
    area('M58,14 C46,16 42,24 50,30 C42,34 44,42 54,44 L64,44 L64,10 Z M6,30 q10,0 9,9 q-8,3 -10,-2 Z', PALE),
  ],
  'leaf gone': [line('M32,62 L32,10', GREEN, 3), line('M32,48 L22,42 M32,40 L42,34 M32,30 L23,25 M32,22 L41,17', GREEN, 2)],
  'leaf net': [
    line(LEAF, GREEN, 1.5),
    line(`M32,62 L32,8 ${VEINS}`, GREEN, 1.8),
    line('M22,40 L42,40 M20,30 L44,30 M24,21 L40,21 M27,48 L37,48', GREEN, 1),
  ],
  'leaf pinholes': [
    ...leaf(),
    dots(
      [
        [24, 26],
        [39, 22],
        [28, 36],
        [40, 36],
        [25, 44],
        [36, 46],
        [31, 18],
        [43, 29],
        [21, 34],
      ],
      1.8,
      PALE,
    ),
  ],
  'leaf mines': [...leaf(), line('M22,42 q4,-10 10,-4 t8,-8 q2,-8 -8,-8', PALE, 3)],
  'leaf rolled': [
    area('M24,58 C14,44 16,20 30,6 C38,20 38,44 34,58 Z', GREEN),
    area('M34,58 C42,44 42,20 30,6 C50,16 52,46 34,58 Z', OCHRE),
    line('M24,24 L42,20 M22,34 L46,32 M24,46 L44,46', PALE, 1.4),
  ],
  'leaf stipple': [
    ...leaf(),
    dots(
      [
        [22, 28],
        [26, 24],
        [30, 30],
        [38, 24],
        [42, 28],
        [24, 36],
        [28, 40],
        [38, 34],
        [42, 38],
        [30, 18],
        [36, 17],
        [27, 47],
        [37, 44],
        [34, 51],
      ],
      1.3,
      PALE,
    ),
  ],
  'leaf curl': [
    area('M16,58 C6,44 20,32 14,20 C26,24 24,34 32,36 C42,38 48,28 44,12 C58,24 56,48 36,52 C28,54 22,52 16,58 Z', GREEN),
    line('M16,58 C26,46 44,46 46,22', PALE, 1.6),
  ],
  'leaf rust': [
    ...leaf(),
    dots(
      [
        [24, 28],
        [39, 24],
        [27, 44],
        [41, 40],
        [31, 17],
        [36, 34],
        [22, 38],
      ],
      2.6,
      RED,
    ),
  ],
  'leaf red': leaf(RED),
  'leaf pale': [
    area(LEAF, 'var(--line)'),
    MIDRIB,
    area('M22,26 q10,-4 12,6 q-4,10 -12,4 Z', PALE),
    area('M36,40 q8,-2 6,8 q-8,4 -6,-8 Z', BROWN),
  ],
  'leaf bumps': [
    ...leaf(),
    dots(
      [
        [24, 28],
        [40, 26],
        [28, 42],
      ],
      4.4,
      RED,
    ),
    dots(
      [
        [23, 27],
        [39, 25],
        [27, 41],
      ],
      1.4,
      PALE,
    ),
  ],
  'leaf fallen': [
    TWIG,
    area('M14,40 q-10,4 -8,14 q10,-3 8,-14 Z M44,42 q10,2 10,12 q-11,-1 -10,-12 Z', OCHRE),
    line('M20,46 L16,50 M48,54 L52,60', QUIET, 1.4),
  ],
  'stem crowd': [
    line('M32,62 L32,6', GREEN, 5),
    dots(
      [
        [26, 14],
        [38, 16],
        [26, 22],
        [39, 25],
        [27, 30],
        [37, 33],
        [25, 38],
        [38, 42],
        [32, 9],
        [32, 20],
        [32, 28],
      ],
      3,
      OCHRE,
    ),
  ],
  'stem wool': [
    line('M32,62 L32,4', GREEN, 5),
    area('M24,20 q-6,6 2,9 q-4,7 6,7 q9,1 7,-7 q7,-4 0,-9 q-5,-7 -15,0 Z M28,46 q-6,6 4,8 q9,0 6,-7 q-4,-5 -10,-1 Z', PALE),
    line('M24,20 q-6,6 2,9 q-4,7 6,7 q9,1 7,-7 q7,-4 0,-9 q-5,-7 -15,0', QUIET, 1.2),
  ],
  'tree bare': [
    GROUND,
    line('M32,60 L32,20 M32,40 L16,24 M32,34 L50,18 M22,30 L14,34 M42,25 L52,28 M32,24 L26,10 M32,22 L38,8', BROWN, 2.5),
    area('M40,40 q12,-4 16,4 q-6,9 -16,-4 Z', GREEN),
  ],
  'twig dead': [
    line('M6,56 C22,46 30,40 36,33', GREEN, 3),
    line('M36,33 L58,10 M44,25 L54,28 M40,29 L38,16', BROWN, 3),
    area('M22,46 q-9,-2 -9,-11 q10,1 9,11 Z M28,42 q2,9 11,9 q-1,-10 -11,-9 Z', GREEN),
  ],
  'twig web': [
    line('M32,62 L32,40 L14,14 M32,40 L50,12', BROWN, 3),
    area('M32,44 L18,20 Q32,12 46,19 Z', PALE),
    line(
      'M32,44 L18,20 M32,44 L25,17 M32,44 L32,15 M32,44 L39,16 M32,44 L46,19 M22,27 Q32,22 42,26 M26,34 Q32,30 38,33',
      QUIET,
      1,
    ),
  ],
  'pot runs': [
    area(POT, BROWN),
    line('M10,24 L54,24', BROWN, 5),
    area('M24,58 q4,6 0,6 q-4,0 0,-6 Z M34,58 q4,7 0,6 q-4,1 0,-6 Z M42,58 q4,6 0,6 q-4,0 0,-6 Z', BLUE),
    line('M32,4 L32,18 M28,14 L32,19 L36,14', BLUE, 2.5),
  ],
  'pot roots': [
    area('M14,16 L50,16 L45,46 L19,46 Z', BROWN),
    line('M10,14 L54,14', BROWN, 5),
    line('M24,46 Q20,54 24,62 M32,46 Q34,54 30,62 M40,46 Q44,54 42,62 M36,46 Q38,52 48,58', OCHRE, 2),
  ],
  'seedling fall': [
    GROUND,
    line('M18,60 L18,44', GREEN, 2),
    area('M18,46 q-7,0 -9,-6 q7,-1 9,6 Z M18,46 q7,0 9,-6 q-7,-1 -9,6 Z', GREEN),
    line('M38,60 Q38,52 54,54', OCHRE, 2),
    area('M54,54 q2,-7 8,-6 q-1,7 -8,6 Z M54,54 q4,5 9,3 q-4,-6 -9,-3 Z', GREEN),
  ],
  'seedling none': [
    area('M6,40 L58,40 L58,60 L6,60 Z', BROWN),
    dots(
      [
        [18, 50],
        [32, 54],
        [46, 49],
      ],
      3,
      PALE,
    ),
    dashed('M18,38 L18,24 M32,38 L32,20 M46,38 L46,24'),
  ],
  'cutting rot': [
    line('M32,8 L32,40', GREEN, 4),
    line('M32,40 L32,60', INK, 4),
    area('M32,26 C22,25 17,19 15,11 C25,13 31,18 32,26 Z M32,32 C42,33 48,40 48,48 C40,46 34,40 32,32 Z', GREEN),
    GROUND,
  ],
  'pod bugs': [
    area('M32,60 C18,44 20,20 34,6 C46,22 46,44 32,60 Z', GREEN),
    line('M33,8 Q28,34 32,58', PALE, 2),
    dots(
      [
        [27, 26],
        [37, 30],
        [29, 42],
        [37, 44],
        [34, 18],
      ],
      3.6,
      RED,
    ),
    dots(
      [
        [27, 26],
        [37, 30],
        [29, 42],
        [37, 44],
        [34, 18],
      ],
      1.5,
      INK,
    ),
  ],
  'bark torn': [
    area(BARK, BROWN),
    area('M24,34 L32,28 L42,36 L40,54 L26,56 Z', OCHRE),
    line('M28,36 L30,52 M34,34 L35,54', BROWN, 1.2),
  ],
  'bark gum': [
    area(BARK, BROWN),
    area('M30,22 q6,8 2,16 q4,8 -2,14 q-8,-4 -4,-14 q-2,-10 4,-16 Z', OCHRE),
    dots(
      [
        [38, 18],
        [26, 46],
      ],
      2.2,
      INK,
    ),
  ],
  'adult noegg': [...adult().map((row) => row), dashed(`${dot(14, 58, 4)} ${dot(24, 60, 3)}`), CROSS],
  'adult crumpled': [
    area(
      'M31,30 C26,18 16,20 18,28 C12,30 20,36 31,33 C26,38 22,42 26,46 C30,46 31,42 32,36 C34,42 35,46 38,46 C42,42 38,38 33,33 C44,36 52,30 46,28 C48,20 38,18 33,30 Z',
      OCHRE,
    ),
    line('M32,24 L32,48', INK, 3),
    line('M22,22 L26,28 M42,22 L38,28', INK, 1.2),
  ],
  'adult once': [...adult(), line('M6,60 L20,60', QUIET, 2), line('M26,60 L58,60', 'var(--line)', 2), dots([[13, 60]], 3, INK)],
  'adult none': [dashed(WINGS), line('M32,26 L32,46', QUIET, 2)],
  'adult few': [
    area('M20,20 c-6,-10 -14,-8 -13,-1 c1,5 8,6 13,3 c5,3 12,2 13,-3 c1,-7 -7,-9 -13,1 Z', OCHRE),
    dashed(
      'M46,38 c-6,-10 -14,-8 -13,-1 c1,5 8,6 13,3 c5,3 12,2 13,-3 c1,-7 -7,-9 -13,1 Z M18,54 c-5,-9 -12,-7 -11,-1 c1,4 7,5 11,2 c4,3 10,2 11,-2 c1,-6 -6,-8 -11,1 Z',
    ),
  ],
  'adult males': [...adult(BLUE), line('M46,56 L56,46 M50,46 L56,46 L56,52', INK, 2), line(dot(42, 59, 4), INK, 2)],
  'adult autumn': [dashed(WINGS), area('M48,54 q8,-8 10,2 q-3,8 -10,-2 Z M6,54 q8,-8 10,2 q-3,8 -10,-2 Z', RED)],
  'adult dead': [
    area('M8,46 C16,26 28,30 32,44 C36,30 48,26 56,46 C46,54 38,54 32,48 C26,54 18,54 8,46 Z', QUIET),
    line('M22,45 L42,45', INK, 3),
    GROUND,
  ],
  'egg none': [
    ...leaf(),
    dots(
      [
        [25, 40],
        [30, 36],
        [25, 33],
      ],
      3,
      PALE,
    ),
    dashed('M40,48 q6,-6 12,0 t10,0'),
    CROSS,
  ],
  'larva none': [
    ...leaf().slice(0, 2),
    dashed('M8,36 C8,26 14,24 20,24 L46,24 C54,24 58,28 58,34 C58,42 54,44 48,44 L16,44 C11,44 8,42 8,36 Z', INK),
  ],
  'larva hungry': [
    line('M32,62 L32,6 M32,40 L22,34 M32,28 L42,22', GREEN, 2.5),
    area('M14,18 C12,10 24,8 26,16 L28,34 C28,42 18,42 16,36 Z', OCHRE),
    line('M15,20 L26,18 M15,27 L27,25 M17,34 L27,32', INK, 1.5),
  ],
  'larva limp': [
    line('M4,14 L60,14', GREEN, 4),
    area('M26,14 C22,30 14,40 18,52 C22,58 28,54 28,46 C28,34 36,26 36,14 Z', INK),
    line('M23,26 L34,28 M18,38 L29,40', QUIET, 1.5),
  ],
  'larva still': [...larva(), line('M8,54 L56,54', GREEN, 3), line('M44,8 L52,8 L44,16 L52,16', QUIET, 2)],
  'pupa dark': [
    line('M10,8 L54,8', BROWN, 4),
    line('M32,8 L32,14', INK, 2),
    area('M24,16 Q32,10 40,16 Q46,32 32,58 Q18,32 24,16 Z', INK),
    line('M25,26 L39,26 M26,36 L38,36', QUIET, 1.4),
  ],
  'hummer none': [dashed(BIRD), area('M52,46 l10,-3 l-2,10 l-9,3 Z', RED)],
  'hummer gone': [area(BIRD, GREEN), line('M6,20 L26,20 M12,15 L6,20 L12,25', QUIET, 2)],
  wasp: [
    area('M22,34 C22,24 40,24 40,34 C40,46 34,54 31,58 C28,54 22,46 22,34 Z', OCHRE),
    line('M23,38 L39,38 M25,45 L37,45 M28,51 L34,51', INK, 3),
    dots([[31, 20]], 5, INK),
    area('M26,26 C10,14 4,20 8,26 C12,30 20,30 26,28 Z M36,26 C52,14 60,20 54,26 C50,30 42,30 36,28 Z', 'var(--line)'),
  ],
};

/** The drawing of a symptom by its glyph; a question where nothing is drawn for it. */
export const shapesOf = (glyph: string): Shape[] => DRAWINGS[glyph] ?? DRAWINGS['plant question']!;
/** Is there a drawing of its own? */
export const isDrawn = (glyph: string): boolean => glyph in DRAWINGS;
