/** Leaves a plant may be drawn with. */
const PLANT_LEAVES = [
  'needle',
  'lance',
  'oval',
  'broad',
  'heart',
  'round',
  'lobed',
  'fern',
  'pinnate',
  'palm',
  'clover',
  'whorl',
  'grass',
  'sword',
  'rosette',
  'succulent',
  'pads',
  'bare',
  'conifer',
  'fan',
  'cycad',
] as const;
/** Ways its flowers may stand together. */
const PLANT_HEADS = [
  'umbel',
  'globe',
  'drooping',
  'daisies',
  'manyrayed',
  'spray',
  'flat',
  'dome',
  'plume',
  'wand',
  'candles',
  'spikes',
  'axils',
  'buttons',
  'cone',
  'drooprays',
  'pompon',
  'sunflower',
  'wandsun',
  'thistle',
  'whorlhead',
  'tiers',
  'bellspike',
  'peaspike',
  'cups',
  'turkscap',
  'nodding',
  'flag',
  'poker',
  'three',
  'hearts',
  'violet',
  'columbine',
  'carpet',
  'curl',
  'umbrella',
  'stars',
  'hollyhock',
] as const;
export type PlantLeaf = (typeof PLANT_LEAVES)[number];
export type PlantHead = (typeof PLANT_HEADS)[number];

export interface PlantMarks {
  leaf?: PlantLeaf;
  head?: PlantHead;
}

/** The marks of a plant's `glyph` cell, as `leaf:oval|head:umbel`, or the sentence that says what is wrong with it. */
export function parsePlantGlyph(cell: string): PlantMarks | { problem: string } {
  const marks: Record<string, string> = {};
  for (const pair of cell.split('|').filter(Boolean)) {
    const [mark = '', value = ''] = pair.split(':', 2);
    const list: readonly string[] | undefined = mark === 'leaf' ? PLANT_LEAVES : mark === 'head' ? PLANT_HEADS : undefined;
    if (!list) return { problem: `The glyph has no mark ${mark}: write leaf or head.` };
    if (!list.includes(value)) return { problem: `The glyph's ${mark}: One of: ${list.join(', ')}.` };
    marks[mark] = value;
  }
  return marks;
}
