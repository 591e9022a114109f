import { dayName, dayOfMonthDay } from '../model/half-month';
import type { PlaceCheck } from '../layout/checks';
import type { ColourFamily } from '../layout/colour';
import type { PotRole } from '../layout/pots/arrange-pot';
import type { Quarrel } from '../layout/pots/company';
import type { Stay } from '../layout/pots/stay';
import type { LayoutScore, Wish, WishMet } from '../layout/score';
import type { Measure } from '../layout/size';
import type { ColourWish, LayoutSchool, PotPattern, PotSchool, Selection, Side } from '../model/vocabulary';
import type { MoistureReason } from '../place/beds/gradients';
import type { SideHere } from '../place/beds/sides';
import type { Units } from './units';

/** The schools of setting kinds in a bed, with what each is for. */
export const LAYOUT_SCHOOLS: Record<LayoutSchool, { name: string; why: string }> = {
  drifts: {
    name: 'Drifts of one kind',
    why: 'The default: massed flowers and hosts are found from the air, and a drift is weeded and cut as one.',
  },
  scattered: {
    name: 'Scattered through',
    why: 'As in a meadow: gaps close by themselves and nothing is eaten bare in one place; seedlings are harder to tell.',
  },
};
export const COLOUR_WISHES: Record<ColourWish, { name: string; why: string }> = {
  harmony: { name: 'Harmony', why: 'near hues beside each other, no pink beside orange' },
  contrast: { name: 'Contrast', why: 'opposites beside each other: blue by orange, purple by yellow' },
  calm: { name: 'Calm', why: 'near hues of like lightness, with white and green between' },
  any: { name: 'Not minded', why: 'colours are left out of it' },
};
export const SIDE_WORDS: Record<Side, string> = {
  bottom: 'lower side',
  right: 'right side',
  top: 'upper side',
  left: 'left side',
};
export const SELECTION_WORDS: Record<Selection, string> = {
  species: 'the species',
  compact: 'a compact selection',
  dwarf: 'a dwarf selection',
};
export const FAMILY_WORDS: Record<ColourFamily, string> = {
  white: 'white',
  green: 'green',
  yellow: 'yellow',
  orange: 'orange',
  red: 'red',
  pink: 'pink',
  purple: 'purple',
  blue: 'blue',
  brown: 'brown',
};

/** Each wish as a heading, and what its figure counts. */
export const WISH_WORDS: Record<Wish, { name: string; counts: string }> = {
  heights: { name: 'Low before tall', counts: 'seen from some side, past what is taller' },
  groups: { name: 'Grouped as wished', counts: 'stand as the school wishes: with their own, or among others' },
  hosts: { name: 'Hosts found', counts: 'stand where they are laid on, enough in one group' },
  light: { name: 'Light', counts: 'have the sun they want' },
  water: { name: 'Moisture', counts: 'stand as moist as they want' },
  room: { name: 'Room to grow', counts: 'have their full distance' },
  colour: { name: 'Colours', counts: 'sit well beside what flowers with them' },
  edges: { name: 'Clear of the edges', counts: 'stay within the bed, and off path and mower' },
  harm: { name: 'Thorns and sap', counts: 'keep away from where people go' },
  neighbours: { name: 'Weak beside strong', counts: 'weak ones have no runner beside them' },
  tap: { name: 'Thirsty near the tap', counts: 'are near enough' },
  deer: { name: 'Deer', counts: 'favourites of deer stand inside' },
};

const name = (names: readonly string[]) =>
  names.length <= 2 ? names.join(' and ') : `${names[0]} and ${names.length - 1} others`;

/** A length by the tape, to be set out in the garden: whole centimetres, or feet and inches to the half. */
export function tape(m: number, { system }: Pick<Units, 'system'>): string {
  if (system === 'metric') return m < 1 ? `${Math.round(m * 100)} cm` : `${m.toFixed(2)} m`;
  const halves = Math.round((m / 0.0254) * 2);
  const feet = Math.floor(halves / 24);
  const inches = (halves - feet * 24) / 2;
  const part = `${Math.floor(inches) || (inches % 1 ? '' : 0)}${inches % 1 ? '½' : ''} in`;
  return feet === 0 ? part : inches === 0 ? `${feet} ft` : `${feet} ft ${part}`;
}

/** A measure with its range: `3 ft (2.5 to 3.6 ft)`. */
export const measureWords = ({ low, expected, high }: Measure, units: Units) =>
  `${units.about(expected)} (${units.about(low)} to ${units.about(high)})`;

/** What speaks against a place, in a sentence. `nameOf`: the name of a plant by its place in the arrangement. */
export function checkSentence(check: PlaceCheck, nameOf: (plant: number) => string, units: Units): string {
  switch (check.kind) {
    case 'outside':
      return 'It stands outside the bed.';
    case 'close':
      return `Too close to ${nameOf(check.other)}: ${tape(check.distance, units)} where ${tape(check.wanted, units)} is wanted${check.rule ? '; one will smother the other' : ''}.`;
    case 'climb':
      return `It climbs, and stands ${tape(check.distance, units)} from what it could climb.`;
    case 'hidden':
      return `Hidden behind ${name([...new Set(check.by.map(nameOf))])} from where the bed is looked at.`;
    case 'hides':
      return `Too tall in front: it hides ${name([...new Set(check.whom.map(nameOf))])} from the ${SIDE_WORDS[check.side]}.`;
    case 'light':
      return `Wrong light: ${check.sun_h.toFixed(1)} h of sun here leaves it ${Math.round(check.share * 100)} % of its growth.`;
    case 'water':
      return `${check.dry ? 'Drier' : 'Wetter'} here (${check.moisture.toFixed(1)} of 5) than it likes.`;
    case 'laid':
      return `Its butterflies seldom lay in the light there is here (${check.sun_h.toFixed(1)} h of sun).`;
    case 'edge':
      return check.worn
        ? `Grown, it reaches ${tape(check.over, units)} too far over the path or mown edge.`
        : `Grown, it reaches ${tape(check.over, units)} too far over the edge of the bed.`;
    case 'harm':
      return check.harm === 'thorns'
        ? `Thorns ${tape(check.distance, units)} from where people go.`
        : `Sap that harms skin or eyes ${tape(check.distance, units)} from where people go.`;
    case 'overrun':
      return `${nameOf(check.by)} runs, and will take its place.`;
    case 'patch':
      return `Only ${check.together} of its kind stand together; a group of ${check.wanted} is found by those that lay on it.`;
  }
}

/** How far a wish is met, in figures: `71 of 74` where plants are counted, else a share. */
export const metWords = (met: WishMet): string =>
  met.against.length > 0 || met.value === 1 ? `${met.of - met.against.length} of ${met.of}` : `${Math.round(met.value * 100)} %`;

/** What an arrangement gains or loses beside another, the largest first; nothing where they are alike. */
export function changeWords(before: LayoutScore, after: LayoutScore): string[] {
  return (Object.keys(WISH_WORDS) as Wish[])
    .flatMap((wish) => {
      const [a, b] = [before.wishes[wish]?.value, after.wishes[wish]?.value];
      return a !== undefined && b !== undefined && Math.abs(a - b) >= 0.005 ? [{ wish, by: b - a }] : [];
    })
    .sort((a, b) => Math.abs(b.by) - Math.abs(a.by))
    .map(
      ({ wish, by }) =>
        `${WISH_WORDS[wish].name}: ${by > 0 ? 'better' : 'worse'} by ${Math.max(1, Math.round(Math.abs(by) * 100))} of 100`,
    );
}

/** What lies at a side of a bed, in a few words; empty where nothing does. */
export function sideSentence({ side, seen, backed, worn }: SideHere): string {
  const parts: string[] = [];
  if (seen) parts.push(seen.by === 'fence' ? `looked at over ${seen.name}` : `looked at from ${seen.name}`);
  if (backed && !seen) parts.push(backed.by === 'wall' ? `${backed.name} stands behind it` : `${backed.name} runs along it`);
  if (worn) parts.push(`${worn.paved ? 'paving' : 'feet'} along it`);
  return parts.length === 0 ? '' : `${SIDE_WORDS[side].replace(/^./, (letter) => letter.toUpperCase())}: ${parts.join(', ')}.`;
}

export const MOISTURE_WHY: Record<MoistureReason['why'], string> = {
  slope: 'where the slope sheds or gathers water',
  side: 'the side you find wetter or drier',
  paving: 'beside paving',
  wall: 'at the foot of a wall, out of the rain',
  roots: 'among the roots of a tree',
  shade: 'by more or less sun than the rest of the bed',
};

/** How deep a plant goes, in a sentence. */
export const DEPTH_WORDS: Record<'level' | 'high' | 'bulb' | 'tree', string> = {
  level: 'Level with the soil.',
  high: 'A finger’s breadth high, so that its crown stays dry.',
  bulb: 'Three times as deep as the bulb is high, tip up.',
  tree: 'With the root flare at the surface, never deeper than it stood.',
};

export const PATTERN_WORDS: Record<PotPattern, string> = {
  alternate: 'every other',
  blocks: 'in blocks',
  mirrored: 'the same from both sides',
};
export const ROLE_WORDS: Record<PotRole, string> = {
  upright: 'tall, in the middle',
  filler: 'fills',
  trailing: 'hangs over the rim',
};

/** In what two plants of a pot disagree, in a sentence. */
export function quarrelSentence({ in: where, less, more }: Quarrel, nameOf: (plant: string) => string): string {
  const [a, b] = [nameOf(less), nameOf(more)];
  switch (where) {
    case 'light':
      return `${a} wants less sun than ${b} can do with: no place suits both.`;
    case 'water':
      return `${a} wants it drier than ${b}: watered for one, the other suffers.`;
    case 'acidity':
      return `${a} wants a more acid mix than ${b}.`;
    case 'drainage':
      return `${a} wants sharp drainage, ${b} a wet foot.`;
  }
}

/** Days before the average first frost by which tender plants are inside: one autumn in six frosts come a fortnight early. */
const INSIDE_BEFORE_D = 14;

/** How long a plant stays in a pot, in a sentence. `firstFrost`: the average first frost as MM-DD, or null where none is usual. */
export function staySentence(stay: Stay, firstFrost: string | null): string {
  const by =
    firstFrost === null
      ? 'when a frost is forecast'
      : `by ${dayName(dayOfMonthDay(firstFrost) - INSIDE_BEFORE_D)}, a fortnight before the usual first frost`;
  switch (stay) {
    case 'season':
      return 'For one season: sown or planted again next spring.';
    case 'stays':
      return 'Stays out in the pot through winter.';
    case 'ground':
      return 'Lodges for a season: into open ground in early autumn, a month before the ground freezes.';
    case 'shed':
      return 'Comes into an unheated shed before hard frost, watered monthly.';
    case 'room':
      return `Tender: into a bright frost-free room ${by}.`;
  }
}

export const POT_SCHOOL_WORDS: Record<PotSchool, string> = {
  'one-zone': 'one zone hardier',
  'two-zones': 'two zones hardier',
  indoors: 'moved inside',
};
