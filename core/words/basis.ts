import { basisOf } from '../library/basis';
import type { Plant } from '../model/reference';
import { BASIS_GROUPS, type Basis, type BasisGroup } from '../model/vocabulary';
import { listed, sentence } from './lists';

const GROUP_WORDS: Record<BasisGroup, string> = {
  life: 'length of life',
  flowering: 'years to flower',
  foliage: 'months in leaf',
  ph: 'pH',
  salt: 'salt it bears',
  textures: 'soil textures',
  deer: 'deer resistance',
  leaf: 'weight of leaf',
  price: 'price',
};

/** Which values of a plant are not known of it, and what they rest on; empty where all are known. */
export function basisSentences(plant: Pick<Plant, 'basis'>): string[] {
  const basis = basisOf(plant);
  const of = (word: Basis) => BASIS_GROUPS.filter((group) => basis[group] === word).map((group) => GROUP_WORDS[group]);
  const [estimated, left] = [of('estimated'), of('default')];
  return [
    ...(estimated.length > 0 ? [`${sentence(listed(estimated))}: estimated from its kin or by a rule.`] : []),
    ...(left.length > 0 ? [`${sentence(listed(left))}: nobody has looked; what most plants get.`] : []),
  ];
}
