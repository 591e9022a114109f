import type { ColourFamily } from '~~/core/model/vocabulary';
import type { Spirit } from '~~/core/plan/planner/alternatives';

const words = (pairs: Record<string, string>) => Object.entries(pairs).map(([value, text]) => ({ value, words: text }));

export const STRENGTHS = words({ off: 'does not matter', some: 'matters', much: 'matters much' });
export const KEEPS = words({
  grown: 'keep what grows',
  planned: 'keep the planned too',
  bare: 'start from bare soil',
});
export const KINDS = words({ few: 'few kinds', any: 'as it comes', many: 'many kinds' });
export const LAYOUTS = words({ drifts: 'drifts of three and more', scattered: 'scattered, singly' });
export const EFFORTS = words({
  quick: 'a quick look',
  usual: 'as usual',
  long: 'until it is proven',
});
export const SPIRIT_NAMES: Record<Spirit, string> = {
  few: 'Fewest kinds',
  natives: 'Natives only',
  cheap: 'Least money',
  colour: 'Most colour',
  easy: 'Least work',
  sturdy: 'Sturdiest',
};
/** What each is, where none is found. */
export const SPIRIT_NONE: Record<Spirit, string> = {
  few: 'None found that closes as much with fewer kinds.',
  natives: 'None found of natives only that closes as much.',
  cheap: 'None found that closes as much for less money.',
  colour: 'None found that closes as much with more in flower.',
  easy: 'None found that closes as much with less work.',
  sturdy: 'None found that closes as much with any one kind lost.',
};
export const COLOUR_MARKS: Record<ColourFamily, string> = {
  white: '#f4f0e6',
  yellow: '#e6c53c',
  orange: '#df8430',
  red: '#c23a36',
  pink: '#dd93ab',
  purple: '#8a56a3',
  blue: '#5a77b8',
  green: '#83a05a',
};
