import { eatsOf } from '../library/hosts';
import type { Host, Target } from '../model/reference';

/** What of a host is eaten, where it is not simply its leaf. */
function partWords(target: Pick<Target, 'eats'>, host: Pick<Host, 'part'>): string {
  if (host.part === 'fallen-leaf') return 'eats fallen leaves: leave them lie';
  return eatsOf(target, host) === 'buds' ? 'eats buds, flowers and pods' : '';
}

/** What is said of a host beside its name and rank: light, part eaten, how sure it is, and its note. */
export function hostClauses(target: Pick<Target, 'eats'>, host: Host): string[] {
  return [
    host.light === 'any' ? '' : `in ${host.light === 'part' ? 'part sun' : host.light}`,
    partWords(target, host),
    host.confidence === 'low' ? 'uncertain' : '',
    host.note,
  ].filter(Boolean);
}
