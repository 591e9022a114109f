import type { Rung, RungSeen } from '../log/stages';
import type { Rate, YearsCompared } from '../log/walks';
import { halfMonthsInWords } from '../model/half-month';
import type { EntryFields } from '../model/log';
import type { Doing, EntryKind, LARVA_SIZES, LossCause, SKIES, WINDS } from '../model/vocabulary';
import { isPlantNote, isSighting } from '../model/vocabulary';
import type { Names } from './work';
import type { Units } from './units';

/** What an entry is, as one chooses it. */
export const KIND_WORDS: Record<EntryKind, string> = {
  adult: 'adult',
  courting: 'courting',
  laying: 'laying eggs',
  eggs: 'eggs',
  larva: 'caterpillar',
  chrysalis: 'chrysalis or cocoon',
  emerged: 'fresh from its case',
  nest: 'nest',
  fledged: 'young out of the nest',
  trace: 'feeding trace',
  dead: 'dead',
  'first-flower': 'first flower',
  'full-flower': 'full flower',
  'last-flower': 'last flower',
  height: 'height',
  leaf: 'leaf left',
  eaten: 'eaten to the stems',
  'grown-back': 'grown back',
  spread: 'spread or seeded',
  lost: 'lost',
  mislabelled: 'sold under another name',
  walk: 'walk',
  released: 'released',
  picture: 'picture',
};
export const DOING_WORDS: Record<Doing, string> = {
  nectaring: 'nectaring',
  flying: 'flying by',
  basking: 'basking',
  resting: 'resting',
  patrolling: 'patrolling',
  puddling: 'puddling',
  feeding: 'feeding',
  roosting: 'roosting',
};
export const SIZE_WORDS: Record<(typeof LARVA_SIZES)[number], string> = {
  '1': 'instar 1',
  '2': 'instar 2',
  '3': 'instar 3',
  '4': 'instar 4',
  '5': 'instar 5',
  small: 'small',
  'half-grown': 'half grown',
  'full-grown': 'full grown',
};
export const CAUSE_WORDS: Record<LossCause, string> = {
  winter: 'winter cold',
  drought: 'drought',
  wet: 'wet',
  eaten: 'eaten by deer, rabbits or voles',
  disease: 'disease',
  heat: 'heat',
  wind: 'wind',
  removed: 'taken out',
  age: 'age',
  unknown: 'not known',
};
export const SKY_WORDS: Record<(typeof SKIES)[number], string> = {
  sun: 'sun',
  mixed: 'sun and cloud',
  cloud: 'cloud',
  rain: 'rain',
};
export const WIND_WORDS: Record<(typeof WINDS)[number], string> = {
  still: 'still',
  light: 'leaves move',
  fresh: 'twigs move',
  strong: 'branches move',
};
/** Several of a kind, as a sentence counts them. */
const PLURALS: Partial<Record<EntryKind, [one: string, many: string]>> = {
  larva: ['caterpillar', 'caterpillars'],
  chrysalis: ['chrysalis', 'chrysalises'],
  eggs: ['egg', 'eggs'],
  nest: ['nest', 'nests'],
  trace: ['feeding trace', 'feeding traces'],
};

/** Whom or what an entry is about, by its name. */
export function subjectWords({ what, of, called }: Pick<EntryFields, 'what' | 'of' | 'called'>, names: Names): string {
  if (of === null) return called || (what === 'walk' ? 'Walk' : '');
  return isPlantNote(what) ? names.plant(of) : names.creature(of);
}

/** What an entry says of its subject: `2, nectaring on blazing star`; `3 caterpillars, half grown, on swamp milkweed`. */
export function sayingWords(entry: EntryFields, names: Names, units: Units): string {
  const { what, count, plant, doing, size, amount, cause, true_plant, minutes, temp_c, sky, wind } = entry;
  const parts: string[] = [];
  if (isSighting(what)) {
    const plural = PLURALS[what];
    if (plural) parts.push(count === null ? plural[1] : `${count} ${count === 1 ? plural[0] : plural[1]}`);
    else {
      if (count !== null) parts.push(String(count));
      if (what !== 'adult') parts.push(KIND_WORDS[what]);
    }
    if (size !== null) parts.push(SIZE_WORDS[size]);
    const on = plant === null ? '' : ` on ${names.plant(plant)}`;
    if (doing !== null) parts.push(`${DOING_WORDS[doing]}${on}`);
    else if (on) parts.push(on.trim());
  } else if (what === 'walk') {
    parts.push(`${minutes} ${minutes === 1 ? 'minute' : 'minutes'}`);
    if (temp_c !== null) parts.push(units.temperature(temp_c));
    if (sky !== null) parts.push(SKY_WORDS[sky]);
    if (wind !== null) parts.push(WIND_WORDS[wind]);
  } else if (what === 'height') parts.push(`${units.length(amount ?? 0)} high`);
  else if (what === 'leaf') parts.push(`${amount} % of its leaf left`);
  else if (what === 'lost') parts.push(`${count} lost${cause === null ? '' : `: ${CAUSE_WORDS[cause]}`}`);
  else if (what === 'mislabelled')
    parts.push(`sold under this name, is ${true_plant === null ? 'another' : names.plant(true_plant)}`);
  else parts.push(`${count === null ? '' : `${count} `}${KIND_WORDS[what]}`);
  return parts.join(', ');
}

/** Where it was: a bed, or the place in the gardener's words. */
export const placeWords = ({ site_id, place }: Pick<EntryFields, 'site_id' | 'place'>, names: Names): string =>
  [site_id === null ? '' : names.site(site_id), place].filter(Boolean).join(', ');

/** An entry in one line, for notices and labels. */
export function entryWords(entry: EntryFields, names: Names, units: Units): string {
  return [subjectWords(entry, names), sayingWords(entry, names, units)].filter(Boolean).join(': ');
}

export const RUNG_WORDS: Record<Rung, string> = {
  visits: 'visits',
  lays: 'lays',
  larvae: 'caterpillars',
  chrysalis: 'chrysalis',
  emerges: 'emerges',
  nests: 'nests',
  fledges: 'young fly',
  winters: 'comes through winter',
};

/** What a year shows of a step: `seen 4 times from 4 June`; `follows from a later step`; `not seen yet`. */
export function rungSentence({ state, times, count, first }: RungSeen, dayOf: (iso: string) => string): string {
  if (state === 'unseen') return 'not seen';
  if (state === 'follows') return 'must have been: a later step was seen';
  const often = times === 1 ? 'seen once' : `seen ${times} times`;
  return `${often}, ${count} in all, from ${dayOf(first!)}`;
}

const one = (x: number): string => (x === 0 || x >= 10 ? String(Math.round(x)) : x.toFixed(1));
/** A rate in words: `12 an hour (8 to 17)`. */
export const rateWords = ({ perHour, low, high }: Rate): string => `${one(perHour)} an hour (${one(low)} to ${one(high)})`;

const VERDICTS: Record<YearsCompared['verdict'], string> = {
  more: 'more, beyond what chance explains',
  fewer: 'fewer, beyond what chance explains',
  'no-difference-shown': 'no difference that the counts could show',
};
/** Two years compared, in a sentence. */
export function comparedWords({ before, after, halfMonths, verdict }: YearsCompared, first: number, second: number): string {
  const walks = ({ walks: n }: Rate) => `${n} ${n === 1 ? 'walk' : 'walks'}`;
  return `${second}: ${rateWords(after)} on ${walks(after)}; ${first}: ${rateWords(before)} on ${walks(before)}: ${VERDICTS[verdict]}. Compared over what was walked in both years: ${halfMonthsInWords(halfMonths)}.`;
}

/** Days late or early beside what was expected: `9 days early`, `as expected`. */
export function lateWords(days: number): string {
  if (days === 0) return 'on the day';
  const n = Math.abs(days);
  return `${n} ${n === 1 ? 'day' : 'days'} ${days > 0 ? 'later' : 'earlier'}`;
}
