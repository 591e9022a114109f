import type { Cause, Symptom } from '../model/reference';
import { lately, youngDue } from './plant-facts';
import type { Subject } from './subject';
import { SETTINGS } from '../settings';

/** What is to be heeded before anything is done, the gravest first. */
export type Harm =
  /** Larvae or eggs may be, or were seen, on the plant. */
  | { kind: 'young'; creatures: string[]; seen: string | null }
  | { kind: 'first'; text: string }
  /** The plant itself harms who handles it. */
  | { kind: 'plant'; note: string }
  | { kind: 'pesticide' }
  /** Large trees are work for licensed hands. */
  | { kind: 'tree' };

/** Hazards of handling a plant. */
const HANDLED: ReadonlySet<string> = new Set(['people', 'skin-eye']);
/** Severity (1–3) from which a plant is warned of before it is handled. */
const GRAVE = 2;

/** What is to be heeded before anything is done about a symptom. */
export function harmOf(symptom: Symptom, subject: Subject, causes: readonly Cause[]): Harm[] {
  const found: Harm[] = [];
  const { here, creature } = subject;
  const creatures = youngDue(subject);
  const [seen] = here
    ? lately(
        subject,
        SETTINGS.why.lately_d,
        ({ what, plant }) => plant === here.plant.id && (what === 'larva' || what === 'eggs'),
      )
    : [];
  if (creatures.length > 0 || seen) found.push({ kind: 'young', creatures, seen: seen?.on_day ?? null });
  if (symptom.first !== '') found.push({ kind: 'first', text: symptom.first });
  for (const { hazard, severity, note } of here?.cautions ?? [])
    if (HANDLED.has(hazard) && severity >= GRAVE) found.push({ kind: 'plant', note });
  if (here?.plant.kind === 'tree') found.push({ kind: 'tree' });
  // Where something eats, infests or kills, the hand goes to the sprayer first.
  const eaten = causes.slice(0, SETTINGS.why.atStake).some(({ creatures: said, well }) => said !== '' || well);
  if (creature || creatures.length > 0 || eaten) found.push({ kind: 'pesticide' });
  return found;
}
