/** How much one garden holds, in the application as in its file, by the lists of that file. */
export const MOST = {
  sites: 500,
  targets: 500,
  plans: 50,
  /** Of all plans together. */
  plantings: 60_000,
  own: 10_000,
  things: 500,
  measures: 20_000,
  log: 50_000,
  work: 20_000,
  weather: 20_000,
  batches: 2000,
  cases: 2000,
  photos: 2000,
} as const;
export type Limited = keyof typeof MOST;

/** What each list holds, as the sentence about its limit calls it. */
const NAMES: Record<Limited, string> = {
  sites: 'beds and containers',
  targets: 'targets',
  plans: 'plans',
  plantings: 'plantings, of all its plans together',
  own: 'rows of the library of its own',
  things: 'things in its yard',
  measures: 'measurements',
  log: 'entries of its log',
  work: 'notes of the work',
  weather: 'days of its own weather',
  batches: 'batches',
  cases: 'cases of what was wrong',
  photos: 'photographs',
};

/** The sentence for a garden that would hold more than it may. */
export const limitSentence = (list: Limited): string =>
  `A garden holds at most ${MOST[list].toLocaleString('en-US')} ${NAMES[list]}.`;
