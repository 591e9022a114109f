import { raisedBy } from '../match/services';
import type { Substitute, WhyInstead } from '../plan/instead';
import { listed } from './lists';
import type { Units } from './units';

/** Why something else should be planted, in a sentence that what could be follows. */
export function insteadSentence(why: WhyInstead): string {
  switch (why.kind) {
    case 'listed':
      return 'Listed as invasive, here or near enough: these are harmless here and most like it.';
    case 'never':
      return 'Never planted: these are harmless here and most like it.';
    case 'trap':
      return `A trap for ${listed(why.targets)}: these raise them instead.`;
    case 'nectarless':
      return 'Its flowers feed nobody: these are most like it and do.';
  }
}

/** From this share on two plants are alike in something worth naming. Judgement. */
const ALIKE = 0.7;
const LIKENESS: readonly (readonly [keyof Substitute['alike'], string])[] = [
  ['place', 'place'],
  ['size', 'size'],
  ['colour', 'colour'],
  ['season', 'season'],
];

/** What a substitute is, in what it is like the other, and whom it feeds of the creatures at home here. */
export function substituteClauses({ here, alike, shared, serves }: Substitute, units: Units): string[] {
  const { kind, height_min_cm, height_max_cm, flower_form, colour } = here.plant;
  const named = LIKENESS.filter(([part]) => (alike[part] ?? 0) >= ALIKE).map(([, word]) => word);
  const raised = raisedBy(serves).length;
  const fed = [
    raised > 0 ? `raises ${raised} ${raised === 1 ? 'kind' : 'kinds'} of caterpillar` : '',
    serves.nectarFor.length > 0 ? `feeds ${serves.nectarFor.length} at its flowers` : '',
  ].filter(Boolean);
  return [
    `${kind}, ${units.length(height_min_cm)} to ${units.length(height_max_cm)}${flower_form === 'none' ? '' : `, ${colour}`}`,
    here.status.native ? 'native here' : here.status.status,
    named.length > 0 ? `like it in ${listed(named)}` : '',
    fed.length > 0 ? `${fed.join(' and ')}${shared.length > 0 ? `, ${shared.length} of its own guests` : ''}` : '',
  ].filter(Boolean);
}
