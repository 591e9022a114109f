import type { Ask } from '../library/causes';
import type { Check } from '../model/reference';

/**
 * Odds in steps of doubling (bits): a cause of 3 is eight times as likely as one of 0. Evidence adds its weight where it
 * holds; an answer adds what it is worth by Bayes’ rule.
 */

/** Share of yes among those for whom a cause holds, from the share where nothing is known and what yes and no are worth. */
export function shareOfYes({ share }: Pick<Check, 'share'>, ask: Pick<Ask, 'yes' | 'no'> | undefined): number {
  if (!ask) return share;
  const yes = share * 2 ** ask.yes;
  const no = (1 - share) * 2 ** ask.no;
  return yes / (yes + no);
}

/** What an answer is worth to a cause beside one that the check says nothing of, in steps of doubling. */
export function worthOf(check: Pick<Check, 'share'>, ask: Pick<Ask, 'yes' | 'no'>, yes: boolean): number {
  const theirs = shareOfYes(check, ask);
  return yes ? Math.log2(theirs / check.share) : Math.log2((1 - theirs) / (1 - check.share));
}

/** Likelihoods that add up to 1, from scores in steps of doubling. */
export function likelihoods(scores: readonly number[]): number[] {
  const most = Math.max(...scores);
  const weights = scores.map((score) => 2 ** (score - most));
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  return weights.map((weight) => weight / all);
}

/** What is still open among causes of such likelihoods, in bits (Shannon’s entropy). */
export function openness(shares: readonly number[]): number {
  return shares.reduce((sum, share) => (share > 0 ? sum - share * Math.log2(share) : sum), 0);
}

/**
 * What a check is expected to tell (bits): how much less is open after its answer, on average over yes and no. `shares` are
 * the likelihoods of the causes, `yes` the share of yes under each.
 */
export function expectedInformation(shares: readonly number[], yes: readonly number[]): number {
  const all = shares.reduce((sum, share, i) => sum + share * yes[i]!, 0);
  const after = (answer: number, of: (i: number) => number) =>
    answer <= 0 ? 0 : answer * openness(shares.map((share, i) => (share * of(i)) / answer));
  return openness(shares) - after(all, (i) => yes[i]!) - after(1 - all, (i) => 1 - yes[i]!);
}
