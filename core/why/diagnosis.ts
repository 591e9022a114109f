import { speaksOf, type CauseRead } from '../library/causes';
import { isoOf } from '../model/days';
import type { Cause, Check, Symptom } from '../model/reference';
import type { FactId } from '../model/symptoms';
import { frostFree } from '../place/climate/frost';
import { SETTINGS } from '../settings';
import { Facts } from './facts';
import type { Finding, Lack } from './finding';
import { harmOf, type Harm } from './harm';
import { expectedInformation, likelihoods, shareOfYes, worthOf } from './odds';
import { subjectOf, type Question, type Subject, type WhyDay, type WhyInput } from './subject';

/** Why a cause is more or less likely: a fact of the garden, an answer, or the season; `bits` above 0 speak for it. */
export type Reason = { bits: number } & (
  { kind: 'fact'; fact: FactId; finding: Finding } | { kind: 'answer'; check: Check; yes: boolean } | { kind: 'season' }
);

/** A cause with how likely it is here. */
export interface RankedCause {
  cause: Cause;
  /** Sum of its prior and its reasons, in steps of doubling. */
  score: number;
  /** Likelihood among all causes of the symptom, those that nobody thought of included (0–1). */
  share: number;
  /** What speaks for it, the strongest first, and then what speaks against it. */
  reasons: Reason[];
}

/** The check that is expected to tell most for its minutes. */
export interface NextCheck {
  check: Check;
  /** What it is expected to tell (bits). */
  bits: number;
  /** Causes that a yes, and a no, would speak for, the strongest first. */
  ifYes: string[];
  ifNo: string[];
}

/** `clear`: one cause leads; `likely`: one leads and nothing more is to be looked at; `expert`: an expert should look; `open`: there is more to look at. */
export type WhyVerdict = 'clear' | 'likely' | 'expert' | 'open';

export interface Diagnosis {
  symptom: Symptom;
  subject: Subject;
  /** The likeliest first. */
  causes: RankedCause[];
  /** Likelihood that it is none of them. */
  other: number;
  next: NextCheck | null;
  verdict: WhyVerdict;
  harm: Harm[];
  /** What is not known here and would speak for or against a cause. */
  lacks: Lack[];
}

const S = SETTINGS.why;

/** Causes of a symptom that the tables hold possible for a subject. */
const possible = (input: WhyInput, { names, here, creature }: Subject, symptom: string): CauseRead[] =>
  input.book.causesOf(symptom).filter(({ row }) => (here || creature ? speaksOf(row.who, names) : true));

function reasonsFor({ evidence, asks, months }: CauseRead, facts: Facts, question: Question): Reason[] {
  const { input, today } = facts.subject;
  const reasons: Reason[] = [];
  for (const { fact, weight, otherwise } of evidence) {
    const finding = facts.of(fact);
    const bits = finding.is === null ? 0 : finding.is ? weight : otherwise;
    if (bits !== 0) reasons.push({ kind: 'fact', fact, finding, bits });
  }
  if (months && !months.has(Number(isoOf(today).slice(5, 7)))) {
    const long = frostFree(input.work.input.place.frosts).days >= S.longSeason_d;
    reasons.push({ kind: 'season', bits: -(long ? S.outOfLongSeason : S.outOfSeason) });
  }
  for (const { check: id, yes } of question.answers) {
    const ask = asks.find((row) => row.check === id);
    const check = ask && input.book.check(id);
    if (ask && check) reasons.push({ kind: 'answer', check, yes, bits: worthOf(check, ask, yes) });
  }
  return reasons.sort((a, b) => b.bits - a.bits);
}

/**
 * What a symptom comes from in this garden: its causes by their odds, each with its reasons, the check worth making next,
 * and what is to be heeded before anything is done. Throws a RangeError for a symptom that the library does not have.
 */
export function diagnosisOf(input: WhyInput, day: WhyDay, question: Question): Diagnosis {
  const symptom = input.book.symptom(question.symptom);
  if (!symptom) throw new RangeError(`The library has no symptom ${question.symptom}.`);
  const subject = subjectOf(input, day, question);
  const facts = new Facts(subject);
  const read = possible(input, subject, symptom.id);
  const scored = read.map((one) => {
    const reasons = reasonsFor(one, facts, question);
    return { one, reasons, score: one.row.prior + reasons.reduce((sum, row) => sum + row.bits, 0) };
  });
  const shares = likelihoods([...scored.map((row) => row.score), S.otherPrior]);
  const ranked = scored
    .map(({ one, reasons, score }, i) => ({ one, ranked: { cause: one.row, score, share: shares[i]!, reasons } }))
    .sort((a, b) => b.ranked.score - a.ranked.score);
  const causes = ranked.map((row) => row.ranked);
  const other = shares.at(-1)!;
  const next = nextCheck(
    input,
    ranked.map((row) => row.one),
    [...causes.map((row) => row.share), other],
    question,
  );
  const verdict = verdictOf(causes, other, next);
  return {
    symptom,
    subject,
    causes,
    other,
    next: verdict === 'clear' ? null : next,
    verdict,
    harm: harmOf(
      symptom,
      subject,
      causes.map((row) => row.cause),
    ),
    lacks: lacksOf(read, facts),
  };
}

/** The unmade check of the causes that is expected to tell most a minute; null where none tells enough. */
function nextCheck(
  { book }: WhyInput,
  read: readonly CauseRead[],
  shares: readonly number[],
  { answers, passed = [] }: Question,
): NextCheck | null {
  const made = new Set([...answers.map((row) => row.check), ...passed]);
  const ids = new Set(read.flatMap(({ asks }) => asks.map((ask) => ask.check)).filter((id) => !made.has(id)));
  let best: { check: Check; bits: number } | null = null;
  for (const id of ids) {
    const check = book.check(id);
    if (!check) continue;
    const yes = read.map(({ asks }) =>
      shareOfYes(
        check,
        asks.find((ask) => ask.check === id),
      ),
    );
    const bits = expectedInformation(shares, [...yes, check.share]);
    if (bits >= S.tells_bits && (!best || bits / check.minutes > best.bits / best.check.minutes)) best = { check, bits };
  }
  if (!best) return null;
  const { check, bits } = best;
  const spokenFor = (yes: boolean) =>
    read
      .flatMap(({ row, asks }) => {
        const ask = asks.find((one) => one.check === check.id);
        return ask ? [{ name: row.name, worth: worthOf(check, ask, yes) }] : [];
      })
      .filter(({ worth }) => worth >= S.someFrom)
      .sort((a, b) => b.worth - a.worth)
      .map(({ name }) => name);
  return { check, bits, ifYes: spokenFor(true), ifNo: spokenFor(false) };
}

function verdictOf([first, second]: readonly RankedCause[], other: number, next: NextCheck | null): WhyVerdict {
  if (!first) return 'expert';
  const leads = first.share >= S.clear_share && first.share >= S.clearTimes * Math.max(second?.share ?? 0, other);
  if (leads) return 'clear';
  if (next) return 'open';
  return first.share >= S.likely_share ? 'likely' : 'expert';
}

/** What nobody has said or measured and evidence rests on, each once. */
function lacksOf(read: readonly CauseRead[], facts: Facts): Lack[] {
  const found = new Set<Lack>();
  for (const { evidence } of read)
    for (const { fact } of evidence) {
      const { is, lacks } = facts.of(fact);
      if (is === null && lacks) found.add(lacks);
    }
  return [...found];
}
