import type { Target } from '~~/core/model/reference';

/** Bodies a grown caterpillar may have, from the side, head to the right, in a field of 104 × 46. */
export const LARVA_BODIES = {
  plain: 'M12,25 C12,17 18,14 24,14 L80,14 C88,14 92,18 92,24 C92,31 87,33 80,33 L22,33 C16,33 12,31 12,25 Z',
  /** Flat below and humped above, the head hidden: blues, coppers, hairstreaks, metalmarks. */
  slug: 'M17,27 C17,18 30,13.5 50,13 C74,12.5 88,17 91,26 C91,31.5 86,33 78,33 L28,33 C21,33 17,31.5 17,27 Z',
  slim: 'M9,24 C9,19.5 14,17.5 22,17.5 L82,17.5 C89,17.5 92,20 92,24 C92,28.5 88,30 82,30 L22,30 C14,30 9,28.5 9,24 Z',
  /** Swollen behind the head: swallowtails. */
  swollen: 'M11,27 C11,21.5 18,18.5 26,17.5 L58,14.5 C68,9.5 88,9.5 92,20 C93.5,29 88,33 80,33 L22,33 C15,33 11,31 11,27 Z',
  /** A thin neck before a large head: skippers. */
  necked:
    'M11,25 C11,19 18,16 26,15 C44,12.5 62,13 75,17 C80,18.8 84,19.6 88,20.4 L88,27.6 C83,29.6 78,31.6 71,33 L22,33 C15,33 11,30 11,25 Z',
  /** Thick and long: hawkmoths. */
  stout: 'M10,25 C10,15.5 17,12 26,11.6 L72,12.4 C85,13.6 93,18 93,25 C93,31.4 87,33.4 80,33.4 L22,33.4 C15,33.4 10,31 10,25 Z',
  /** Humped at every ring: silkmoths. */
  humped:
    'M9,25 C9,15 16,11 20.5,14.5 C24,8.5 31,8.5 33,13.5 C36,8.5 43,8.5 45,13.5 C48,8.5 55,8.5 57,13.5 C60,8.5 67,8.5 69,13.5 C72,8.5 79,9.5 81,14.5 C88,12.5 93.5,18 92.5,25 C91.5,32 86,33.4 80,33.4 L22,33.4 C14,33.4 9,31 9,25 Z',
} as const;

const BODY_OF_FAMILY: Readonly<Record<string, keyof typeof LARVA_BODIES>> = {
  lycaenidae: 'slug',
  riodinidae: 'slug',
  pieridae: 'slim',
  papilionidae: 'swollen',
  hesperiidae: 'necked',
  sphingidae: 'stout',
  saturniidae: 'humped',
};
export const larvaBody = ({ family }: Pick<Target, 'family'>) => LARVA_BODIES[BODY_OF_FAMILY[family] ?? 'plain'];

/** Eggs in a field of 40 × 40: the outline, and the lines on it. */
export const EGGS = {
  globe: { d: 'M20,7 a12.5,12.5 0 1 0 0.01,0 Z', lines: '' },
  /** Tall and ribbed, on its end: whites and sulphurs. */
  spindle: {
    d: 'M20,3 C26,10 28,22 25,34 L15,34 C12,22 14,10 20,3 Z',
    lines: 'M20,4 V34 M17,9 C15,18 16,28 17,34 M23,9 C25,18 24,28 23,34',
  },
  /** A flat cake with a dimple: blues, coppers, hairstreaks, metalmarks. */
  cake: {
    d: 'M5,27 C5,18 12,15 20,15 C28,15 35,18 35,27 C35,32 29,34 20,34 C11,34 5,32 5,27 Z',
    lines: 'M14,21 C17,19 23,19 26,21 C23,24 17,24 14,21 Z',
  },
  /** A ribbed barrel: brushfoots. */
  barrel: {
    d: 'M13,9 C17,6 23,6 27,9 C31,17 31,27 27,34 L13,34 C9,27 9,17 13,9 Z',
    lines: 'M20,7 V34 M15,9 C12.5,17 12.5,27 15,34 M25,9 C27.5,17 27.5,27 25,34',
  },
  /** A low dome: skippers. */
  dome: {
    d: 'M6,33 C6,20 12,12 20,12 C28,12 34,20 34,33 Z',
    lines: 'M20,12 V33 M13,15 C10,21 10,28 10,33 M27,15 C30,21 30,28 30,33',
  },
  disc: { d: 'M5,24 C5,18 12,15 20,15 C28,15 35,18 35,24 C35,30 28,33 20,33 C12,33 5,30 5,24 Z', lines: 'M9,24 H31' },
} as const;
const EGG_OF_FAMILY: Readonly<Record<string, keyof typeof EGGS>> = {
  papilionidae: 'globe',
  sphingidae: 'globe',
  erebidae: 'globe',
  noctuidae: 'globe',
  pieridae: 'spindle',
  lycaenidae: 'cake',
  riodinidae: 'cake',
  nymphalidae: 'barrel',
  hesperiidae: 'dome',
  saturniidae: 'disc',
};
export const eggOf = ({ family }: Pick<Target, 'family'>) => EGGS[EGG_OF_FAMILY[family] ?? 'globe'];

/** How it rests as a pupa, in a field of 44 × 64: the outline, its marks, and what holds it. */
export const PUPAE = {
  /** Hung by the tail, angular, with points along the back: most brushfoots. */
  hung: {
    d: 'M22,8 C28,14 31,22 29,30 L33,38 L29,44 L31,52 L26,56 L22,52 L18,56 L13,52 L15,44 L11,38 L15,30 C13,22 16,14 22,8 Z',
    marks: 'M16,34 h2 M26,34 h2 M17,26 h1.6 M25.4,26 h1.6 M18,44 h1.6 M24.4,44 h1.6',
    held: 'M10,4 H34 M22,4 V9',
  },
  /** Hung, smooth and short, with a golden line: milkweed butterflies. */
  lantern: {
    d: 'M22,9 C30,12 34,20 33,30 C32,44 28,56 22,58 C16,56 12,44 11,30 C10,20 14,12 22,9 Z',
    marks: 'M12,24 C18,27 26,27 32,24 M15,48 h2 M27,48 h2 M21,51 h2',
    held: 'M10,4 H34 M22,4 V10',
  },
  /** Like a shrivelled leaf: longwings. */
  leaf: {
    d: 'M22,8 C27,13 27,19 25,24 C31,26 33,33 29,39 C33,44 30,51 26,52 L27,59 L21,55 C15,53 13,46 16,40 C11,36 12,28 18,25 C17,18 18,12 22,8 Z',
    marks: 'M18,30 h3 M19,44 h3 M24,35 h2',
    held: 'M10,4 H34 M22,4 V9',
  },
  /** Slung in a girdle, two-horned: swallowtails. */
  slung: {
    d: 'M14,58 C11,48 12,38 16,30 C18,22 22,14 26,6 L29,11 L33,8 C35,18 33,30 28,40 C25,48 20,56 14,58 Z',
    marks: 'M19,34 C23,34 27,32 30,29 M17,44 h3 M21,24 h2',
    held: 'M8,2 V62 M8,34 C16,30 26,28 33,30 M8,58 H14',
  },
  /** Slung in a girdle, with one point: whites and sulphurs. */
  pointed: {
    d: 'M13,58 C11,48 13,36 18,28 C21,20 25,12 31,5 C31,14 32,20 31,28 C31,40 24,52 13,58 Z',
    marks: 'M18,38 C22,36 27,33 30,30 M16,48 h3 M23,22 h2',
    held: 'M8,2 V62 M8,36 C15,33 24,31 31,31 M8,58 H13',
  },
  /** A rounded pellet with a girdle: blues, coppers, hairstreaks, metalmarks. */
  pellet: {
    d: 'M22,16 C31,16 35,24 34,32 C34,42 30,50 22,51 C14,50 10,42 10,32 C9,24 13,16 22,16 Z',
    marks: 'M15,28 h2 M20,24 h2 M27,28 h2 M16,40 h2 M25,42 h2',
    held: 'M10,34 C16,31 28,31 34,34 M6,54 H38',
  },
  /** Smooth, in a nest of silk: skippers, and what pupates in soil. */
  smooth: {
    d: 'M22,8 C29,10 32,18 31,27 C30,38 26,50 22,58 C18,50 14,38 13,27 C12,18 15,10 22,8 Z',
    marks: 'M15,36 C19,38 25,38 29,36 M16,42 C19,44 25,44 28,42 M18,48 C20,49 24,49 26,48',
    held: 'M6,20 C10,26 10,40 6,48 M38,20 C34,26 34,40 38,48',
  },
  /** Spun in silk and leaf: silkmoths and tiger moths. */
  cocoon: {
    d: 'M22,6 C32,8 37,20 36,33 C35,47 30,57 22,59 C14,57 9,47 8,33 C7,20 12,8 22,6 Z',
    marks: 'M12,20 C18,26 28,14 33,24 M10,34 C18,40 28,28 35,38 M13,48 C19,52 27,42 32,48',
    held: 'M4,3 C14,6 30,6 40,3',
  },
} as const;
const PUPA_OF_FAMILY: Readonly<Record<string, keyof typeof PUPAE>> = {
  papilionidae: 'slung',
  pieridae: 'pointed',
  lycaenidae: 'pellet',
  riodinidae: 'pellet',
  nymphalidae: 'hung',
  hesperiidae: 'smooth',
  sphingidae: 'smooth',
  noctuidae: 'smooth',
  saturniidae: 'cocoon',
  erebidae: 'cocoon',
};
/** Genera that pupate otherwise than the rest of their family; three silkmoths and their kin in soil, without a cocoon. */
const PUPA_OF_GENUS: Readonly<Record<string, keyof typeof PUPAE>> = {
  Danaus: 'lantern',
  Anaea: 'lantern',
  Dione: 'leaf',
  Heliconius: 'leaf',
  Dryas: 'leaf',
  Cercyonis: 'lantern',
  Lethe: 'lantern',
  Megisto: 'lantern',
  Coenonympha: 'lantern',
  Euphydryas: 'lantern',
  Eacles: 'smooth',
  Citheronia: 'smooth',
  Dryocampa: 'smooth',
  Utetheisa: 'smooth',
};
export const pupaOf = ({ family, scientific }: Pick<Target, 'family' | 'scientific'>) =>
  PUPAE[PUPA_OF_GENUS[scientific.split(' ')[0]!] ?? PUPA_OF_FAMILY[family] ?? 'hung'];
