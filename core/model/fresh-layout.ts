import type { LayoutFields } from './layout';

/** How a bed is arranged that nobody has wished anything of. */
export const FRESH_LAYOUT: LayoutFields = {
  manner: null,
  colour: 'harmony',
  one_colour: false,
  seen_from: null,
  worn: null,
  wetter: null,
  supports: [],
  pattern: 'alternate',
};
