import type { GLYPH_SHAPES, GLYPH_TAILS } from '~~/core/model/glyph';

/** The right wings of a creature with spread wings, in a field of 100 × 80 about the middle x = 50; the left mirror them. */
export interface WingShape {
  fore: string;
  hind: string;
  /** Size beside the largest, about the middle of the field. */
  scale: number;
  body: 'slim' | 'stout' | 'furry';
}
type Winged = Exclude<(typeof GLYPH_SHAPES)[number], 'bird'>;

const ROUNDED = {
  fore: 'M51,36 C60,14 82,6 95,9 C98,20 92,36 78,42 C66,46 56,44 51,42 Z',
  hind: 'M51,42 C64,44 80,44 84,54 C84,68 68,75 58,68 C53,62 51,52 51,46 Z',
};
const SWALLOWTAIL_FORE = 'M51,35 C62,12 84,4 97,6 C97,18 90,34 76,42 C66,46 56,44 51,41 Z';
const SKIPPER_HIND = 'M51,42 C62,43 77,45 80,52 C79,62 68,67 59,63 C53,58 51,50 51,46 Z';

export const WING_SHAPES: Record<Winged, WingShape> = {
  rounded: { ...ROUNDED, scale: 1, body: 'slim' },
  small: { ...ROUNDED, scale: 0.76, body: 'slim' },
  angled: {
    fore: 'M51,36 C60,14 80,5 94,9 C92,14 95,19 90,26 C86,36 74,44 51,42 Z',
    hind: 'M51,42 C64,44 80,44 84,54 C83,66 70,73 59,67 C53,61 51,52 51,46 Z',
    scale: 1,
    body: 'slim',
  },
  ragged: {
    fore: 'M51,36 C60,14 80,5 95,8 C90,14 93,19 88,24 C91,30 80,36 76,42 C66,46 56,44 51,42 Z',
    hind: 'M51,42 C64,44 80,43 82,52 C79,55 83,60 76,62 C78,70 68,70 66,68 C60,72 52,60 51,46 Z',
    scale: 1,
    body: 'slim',
  },
  notched: {
    fore: SWALLOWTAIL_FORE,
    hind: 'M51,42 C64,42 78,44 82,52 L79,56 L79,61 L74,62 L71,67 L66,66 L61,70 C55,66 51,56 51,46 Z',
    scale: 1,
    body: 'slim',
  },
  hooked: {
    fore: 'M51,36 C60,14 78,6 98,9 C91,13 92,18 90,25 C86,35 74,44 51,42 Z',
    hind: ROUNDED.hind,
    scale: 0.84,
    body: 'slim',
  },
  hookedsmall: {
    fore: 'M51,36 C60,14 78,7 91,9 L93,18 L89,25 C86,35 74,44 51,42 Z',
    hind: ROUNDED.hind,
    scale: 0.78,
    body: 'slim',
  },
  long: {
    fore: 'M51,38 C62,24 84,11 99,12 C99,21 88,34 74,41 C64,45 56,44 51,42 Z',
    hind: 'M51,42 C64,43 79,45 82,52 C80,61 66,66 58,60 C53,56 51,50 51,46 Z',
    scale: 1,
    body: 'slim',
  },
  swallowtail: {
    fore: SWALLOWTAIL_FORE,
    hind: 'M51,42 C64,42 78,44 81,54 C80,62 74,66 68,68 C58,70 52,58 51,46 Z',
    scale: 1,
    body: 'slim',
  },
  kite: {
    fore: 'M51,35 C64,14 86,4 97,6 C94,18 84,32 72,42 C64,46 56,44 51,41 Z',
    hind: 'M51,42 C62,43 73,46 74,54 C72,62 67,68 62,71 C56,66 52,56 51,46 Z',
    scale: 0.88,
    body: 'slim',
  },
  skipper: {
    fore: 'M51,36 C62,20 82,12 93,15 C93,24 86,34 76,41 C66,44 56,44 51,42 Z',
    hind: SKIPPER_HIND,
    scale: 0.84,
    body: 'stout',
  },
  skippertail: {
    fore: 'M51,36 C62,20 82,12 93,15 C93,24 86,34 76,41 C66,44 56,44 51,42 Z',
    hind: 'M51,42 C62,43 77,45 79,52 C79,60 74,64 73,70 C73,76 77,82 81,86 L74,89 C66,82 62,72 60,64 C54,58 51,50 51,46 Z',
    scale: 0.84,
    body: 'stout',
  },
  grass: {
    fore: 'M51,38 C62,22 80,8 93,8 C93,19 87,32 77,40 C66,44 56,44 51,42 Z',
    hind: SKIPPER_HIND,
    scale: 0.74,
    body: 'stout',
  },
  hawk: {
    fore: 'M51,32 C64,20 86,10 98,15 C92,27 74,38 51,40 Z',
    hind: 'M51,40 C62,39 73,42 77,49 C70,55 58,52 51,47 Z',
    scale: 1,
    body: 'furry',
  },
  luna: {
    fore: 'M51,34 C60,13 82,8 97,15 C94,25 86,36 74,42 C64,46 56,44 51,41 Z',
    hind: 'M51,42 C64,42 78,46 78,55 C76,62 72,64 70,70 C68,80 74,90 81,95 C72,98 63,88 62,76 C60,68 53,58 51,46 Z',
    scale: 0.82,
    body: 'furry',
  },
  silk: {
    fore: 'M51,35 C60,12 82,4 97,8 C99,20 94,34 80,43 C66,47 56,45 51,41 Z',
    hind: 'M51,42 C66,42 84,45 87,56 C86,70 68,77 58,70 C53,64 51,54 51,46 Z',
    scale: 1,
    body: 'furry',
  },
  snout: {
    fore: 'M51,36 C60,15 80,7 92,10 L95,20 L88,24 C85,35 74,44 51,42 Z',
    hind: 'M51,42 C62,43 76,45 80,53 C80,64 68,71 58,66 C53,61 51,52 51,46 Z',
    scale: 0.8,
    body: 'slim',
  },
  leafwing: {
    fore: 'M51,36 C60,13 80,6 97,8 C92,13 91,20 88,27 C84,37 74,44 51,42 Z',
    hind: 'M51,42 C64,44 79,45 81,54 C80,60 76,63 72,65 L73,74 L66,68 C58,70 52,58 51,46 Z',
    scale: 0.94,
    body: 'slim',
  },
  dagger: {
    fore: 'M51,36 C60,13 80,5 98,8 C90,12 90,18 88,25 C83,35 74,44 51,42 Z',
    hind: 'M51,42 C64,43 78,45 79,53 C78,60 72,64 68,67 C58,70 52,57 51,46 Z',
    scale: 0.94,
    body: 'slim',
  },
  tiger: {
    fore: 'M51,35 C64,22 84,14 96,18 C95,28 86,37 74,41 C64,44 56,43 51,41 Z',
    hind: 'M51,41 C63,41 78,44 80,52 C77,61 66,65 58,61 C53,57 51,50 51,46 Z',
    scale: 0.8,
    body: 'furry',
  },
};

/** Tails of the hindwing; the luna's are part of its outline. */
export const TAIL_PATHS: Record<(typeof GLYPH_TAILS)[number], string> = {
  short: 'M65,65 L70,77 L74,64 Z',
  long: 'M66,65 C67,74 68,79 72,79 C76,78 73,70 73,64 Z',
  spoon: 'M66,65 C67,70 65,78 71,80 C78,79 74,70 73,64 Z',
  two: 'M67,66 C68,74 69,79 72,78 C75,76 73,70 73,64 Z M59,68 C60,73 61,76 63,75 C65,74 64,70 64,67 Z',
  sword: 'M61,69 C64,78 69,86 77,90 C74,82 70,74 69,64 Z',
  hair: 'M67,62 L73,72',
  luna: '',
};
