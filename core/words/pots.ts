import type { potRisk, WinterNeed } from '../place/containers/pots';

/** How a plant in a pot gets through winter, in a sentence. */
export const WINTER_ADVICE: Record<WinterNeed, string> = {
  annual: 'An annual: it does not winter.',
  hardy: 'Hardy where this pot winters.',
  shed: 'Too cold for its roots here: bring the pot into an unheated shed or garage, and water it monthly.',
  'frost-free': 'Tender here: bring it into a bright frost-free room before the first frost.',
};

/** What to mind about a pot, in a sentence. */
export const POT_RISKS: Record<NonNullable<ReturnType<typeof potRisk>>, string> = {
  clay: 'Unglazed clay dries fast and may burst in frost: empty it, or keep it dry in winter.',
  metal: 'Metal heats in the sun: line it, and shade its south side.',
  fabric: 'Fabric breathes and dries within a day: water daily in heat.',
  wind: 'In the wind it dries twice as fast and may topple: weigh the bottom down.',
};
