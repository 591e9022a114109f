import type { AcidityCheck, DayMaterials, PlantingCard } from '../work/planting-day';
import { SETTINGS } from '../settings';
import { fluid, type Units } from './units';

const ROOTS: Record<PlantingCard['roots']['do'], string> = {
  leave: 'Leave the root ball as it is',
  soak: 'Soak the root ball for ten minutes in a bucket',
  tease: 'Soak it, then tease the outer roots loose; cut those that run in circles',
  'cut-circling': 'Soak it; cut roots that run in circles with a knife, four times from top to bottom',
};
const BECAUSE: Record<PlantingCard['roots']['because'], string> = {
  taproot: 'it has a taproot and resents being disturbed',
  woody: 'circling roots of a woody plant strangle it years later',
  school: 'your way, by the place',
  seedling: 'a young plant’s roots are not bound yet',
};

/** What is done with the roots, and why. */
export const rootsWords = ({ roots }: PlantingCard): string => `${ROOTS[roots.do]}: ${BECAUSE[roots.because]}.`;

/** The hole, as a line: `28 cm wide, 13 cm deep, no deeper than the ball`. */
export function holeWords({ hole, size, site }: PlantingCard, units: Units): string {
  if (site.kind === 'container') return `A hole in the mix as deep as its root ball, ${units.about(hole.deep_cm)}.`;
  if (size === 'bulb') return `${units.about(hole.deep_cm)} deep to its foot.`;
  return `Hole ${units.about(hole.wide_cm)} wide and ${units.about(hole.deep_cm)} deep, no deeper than the root ball.`;
}

/** How deep it stands, and why. */
export function depthWords({ depth, site }: PlantingCard, units: Units): string {
  switch (depth.as) {
    case 'bulb':
      return 'Nose up, two to three times as deep as the bulb is tall.';
    case 'flare':
      return 'The flare of its trunk or stems level with the soil: set deeper, it rots.';
    case 'deeper':
      return `${units.about(depth.cm)} deeper than it stood, the lowest leaves off: a leggy annual roots along its stem.`;
    case 'high':
      return `${units.about(depth.cm)} above the soil, the shoulders banked with grit: on this ground its crown would rot.`;
    case 'level':
      return site.kind === 'container'
        ? `Level with the mix, ${units.about(SETTINGS.plantingDay.rim_cm)} below the rim.`
        : 'Level with the soil.';
  }
}

/** What the probe says, and what then. */
export function acidityWords({ is, ph, from, to }: AcidityCheck): string {
  const range = `pH ${from} to ${to}`;
  switch (is) {
    case 'right':
      return `The bed has pH ${ph}, it bears ${range}.`;
    case 'unknown':
      return `The bed’s pH of ${ph} is only assumed, and it bears ${range}: take the probe before you plant.`;
    case 'sour':
      return `The bed has pH ${ph}, it wants ${range}: probe once more; if it is so, plant it elsewhere, or lime by a soil test.`;
    case 'sweet':
      return `The bed has pH ${ph}, it wants ${range}: probe once more; if it is so, plant it elsewhere or in a pot of sour mix.`;
  }
}

/** How it is watered in, and in the weeks after. */
export function waterInWords({ water, planting, site }: PlantingCard, units: Units): string {
  const [first, then, later] = water.every_d;
  const each = `${fluid(water.first_l, units)} each now${planting.count > 1 ? `, ${fluid(water.first_l * planting.count, units)} for all` : ''}`;
  if (water.then_l === 0) return `${each}.`;
  if (site.kind === 'container') return `${each}, until it runs out below; then whenever the top finger is dry.`;
  return `${each}; then ${fluid(water.then_l, units)} each every ${first} days for two weeks, every ${then} days for four, every ${later} days until autumn, where no rain does it.`;
}

/** The steps after the hole: backfill, basin, mulch, label. */
export function finishSteps(card: PlantingCard, units: Units): string[] {
  const { site, native, grit_l, mulch_l } = card;
  if (site.kind === 'container')
    return [
      'Holes in the floor free, no stones over them',
      `Mix to ${units.about(SETTINGS.plantingDay.rim_cm)} below the rim after it has settled`,
      'The tallest first, in the middle or behind; then those at the rim',
      'Label it',
    ];
  return [
    grit_l > 0
      ? `Mix ${units.volume(grit_l / card.planting.count)} of grit into the earth of each hole`
      : native
        ? 'The earth that came out goes back, nothing added: rich holes keep the roots in them'
        : 'The earth that came out goes back',
    'In two lifts, each firmed with the fist',
    'A rim of earth round it as a basin for water',
    mulch_l > 0 ? `Mulch, ${units.about(SETTINGS.plantingDay.bare_cm)} off the stems` : 'No mulch: it wants bare ground',
    'Label it',
  ];
}

const CAUTION: Record<PlantingCard['cautions'][number], string> = {
  skin: 'Gloves and sleeves: its sap or hairs hurt skin and eyes.',
  protected: 'Protected where you live: only nursery-raised plants, none dug in the wild.',
};
export const cautionWords = (card: PlantingCard): string[] => card.cautions.map((caution) => CAUTION[caution]);

/** What to look for in a plant that is bought. */
export const WHEN_BOUGHT = [
  'Roots fill the pot and hold the ball, and do not run round it in rings',
  'The label names the species in full, and the plant looks like it',
  'It was not treated with a systemic insecticide: ask, and leave it where nobody knows',
  'Three small plants in one pot can be parted into three',
];

/** What to mind on any planting day. */
export const PLANTING_CAUTIONS = [
  'Before you dig deeper than a hand: have buried cables, gas and water lines marked, by the call service of your state or province.',
  'Dust of peat, compost and perlite: wet it, or wear a mask.',
];

/** All that the day takes, line by line. */
export function materialsWords(materials: DayMaterials, pots: number, units: Units): string[] {
  const { plants, labels, mix_l, mulch_l, grit_l, stakes, supports, water_l } = materials;
  return [
    `${plants} ${plants === 1 ? 'plant' : 'plants'}, ${labels} ${labels === 1 ? 'label' : 'labels'}`,
    mix_l > 0 ? `${units.volume(mix_l)} of potting mix for ${pots} ${pots === 1 ? 'pot' : 'pots'}` : '',
    grit_l > 0 ? `${units.volume(grit_l)} of grit` : '',
    mulch_l > 0 ? `${units.volume(mulch_l)} of mulch` : '',
    stakes > 0 ? `${stakes} ${stakes === 1 ? 'stake' : 'stakes'}` : '',
    supports > 0 ? `${supports} ${supports === 1 ? 'trellis or wigwam' : 'trellises or wigwams'}` : '',
    `${fluid(water_l, units)} of water`,
  ].filter(Boolean);
}
