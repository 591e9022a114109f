import type { Cause, Check, Library, Symptom } from '../model/reference';
import { groupBy } from '../model/group';
import type { FactId } from '../model/symptoms';

/** A fact that speaks for a cause (weight above 0) or against it, in steps of doubling: where it holds, and where it does not. */
interface Evidence {
  fact: FactId;
  weight: number;
  otherwise: number;
}
/** A check of a cause: what yes and no are worth to it, in steps of doubling. */
export interface Ask {
  check: string;
  yes: number;
  no: number;
}
/** A cause with its cells read. */
export interface CauseRead {
  row: Cause;
  evidence: Evidence[];
  asks: Ask[];
  /** Months (1–12) in which it is met; null: in all. */
  months: ReadonlySet<number> | null;
}

const items = (cell: string): string[] => cell.split('|').filter(Boolean);

/** Months of a cell such as `11-2|5-6`; null where it is blank. */
function monthsOf(cell: string): ReadonlySet<number> | null {
  if (cell === '') return null;
  const found = new Set<number>();
  for (const span of items(cell)) {
    const [from, to] = span.split('-').map(Number) as [number, number];
    for (let month = from; ; month = (month % 12) + 1) {
      found.add(month);
      if (month === to) break;
    }
  }
  return found;
}

function read(row: Cause): CauseRead {
  return {
    row,
    evidence: items(row.evidence).map((item) => {
      const [fact, weights] = item.split(':') as [FactId, string];
      const [weight, otherwise = 0] = weights.split('/').map(Number) as [number, number?];
      return { fact, weight, otherwise };
    }),
    asks: items(row.asks).map((item) => {
      const [check, weights] = item.split(':') as [string, string];
      const [yes, no] = weights.split('/').map(Number) as [number, number];
      return { check, yes, no };
    }),
    months: monthsOf(row.months),
  };
}

/** Does a cell of names joined by | speak of one of these? Blank speaks of all. */
export const speaksOf = (who: string, names: ReadonlySet<string>): boolean =>
  who === '' || who.split('|').some((name) => names.has(name));

/** Is there nothing to be done about a cause now: it is well, or nothing helps before its season? */
export const isLeft = ({ well, now }: Pick<Cause, 'well' | 'now'>): boolean => well || now.startsWith('Nothing');

/** The symptoms, their causes and the checks, looked up by their names. */
export class CauseBook {
  readonly symptoms: readonly Symptom[];
  readonly #symptoms: Map<string, Symptom>;
  readonly #checks: Map<string, Check>;
  readonly #causes: Map<string, Cause[]>;
  readonly #read = new Map<string, CauseRead[]>();

  constructor({ symptoms, causes, checks }: Pick<Library, 'symptoms' | 'causes' | 'checks'>) {
    this.symptoms = symptoms;
    this.#symptoms = new Map(symptoms.map((row) => [row.id, row]));
    this.#checks = new Map(checks.map((row) => [row.id, row]));
    this.#causes = groupBy(causes, (row) => row.symptom);
  }

  symptom(id: string): Symptom | null {
    return this.#symptoms.get(id) ?? null;
  }
  check(id: string): Check | null {
    return this.#checks.get(id) ?? null;
  }
  /** The causes of a symptom in the order of the table. */
  causesOf(symptom: string): readonly CauseRead[] {
    const known = this.#read.get(symptom) ?? (this.#causes.get(symptom) ?? []).map(read);
    this.#read.set(symptom, known);
    return known;
  }
  cause(symptom: string, cause: string): Cause | null {
    return this.#causes.get(symptom)?.find((row) => row.cause === cause) ?? null;
  }
}
