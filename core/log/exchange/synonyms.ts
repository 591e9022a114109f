import type { EntryKind } from '../../model/vocabulary';

/** Words that tables elsewhere use for what an entry is. */
export const KIND_SYNONYMS: Readonly<Record<string, EntryKind>> = {
  imago: 'adult',
  adults: 'adult',
  butterfly: 'adult',
  egg: 'eggs',
  ova: 'eggs',
  ovum: 'eggs',
  caterpillar: 'larva',
  caterpillars: 'larva',
  larvae: 'larva',
  pupa: 'chrysalis',
  pupae: 'chrysalis',
  cocoon: 'chrysalis',
  mating: 'courting',
  ovipositing: 'laying',
  oviposition: 'laying',
  eclosed: 'emerged',
  emergence: 'emerged',
  fledgling: 'fledged',
  juvenile: 'fledged',
};
