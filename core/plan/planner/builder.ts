import type { Giving, Rule } from '../../coverage/gives/rule';
import { standsOf, type Stand } from '../../coverage/stands';
import { choicesByPlant, choicesFor, type Choices } from './choices';
import type { Cell, Indicator, LeafPart, Patch, SharedLeaf, Term } from './cells';
import type { PlanQuestion } from './question';

/** Interns values by a key: each is made once, whoever asks for it, and known by its number. */
class Interner<T> {
  readonly list: T[] = [];
  readonly #at = new Map<string, number>();
  get(key: string, make: () => T): number {
    let at = this.#at.get(key);
    if (at === undefined) {
      at = this.list.push(make()) - 1;
      this.#at.set(key, at);
    }
    return at;
  }
}

/** A choice with what one plant of it gives a need. */
export interface GivingChoice {
  choice: number;
  giving: Giving;
}

/** What the cells of a problem are built from. */
export class ProblemBuilder {
  readonly choices: Choices;
  /** What is kept, as it will stand when grown. */
  readonly stands: Stand[];
  readonly totals = new Interner<Term[]>();
  readonly indicators = new Interner<Indicator>();
  readonly resources: SharedLeaf[] = [];
  readonly parts: LeafPart[] = [];
  readonly patches = new Interner<Patch>();
  readonly cells = new Interner<Cell>();
  readonly byPlant: Map<string, number[]>;

  constructor(readonly question: PlanQuestion) {
    this.choices = choicesFor(question);
    this.stands = standsOf({ ...question, plantings: this.choices.kept, year: null }).stands;
    this.byPlant = choicesByPlant(this.choices.plants);
  }

  /** Number of a feature among the choices. */
  feature = (at: number) => this.choices.plants.length + at;

  /** The choices of each plant that give a need anything. */
  givingTo(rule: Rule): Map<string, GivingChoice[]> {
    const found = new Map<string, GivingChoice[]>();
    for (const [plant, list] of this.byPlant) {
      const giving = list.flatMap((choice): GivingChoice[] => {
        const given = rule.of(this.choices.plants[choice]!.stand);
        return given ? [{ choice, giving: given }] : [];
      });
      if (giving.length > 0) found.set(plant, giving);
    }
    return found;
  }

  total(terms: readonly Term[]): number {
    return this.totals.get(terms.join(';'), () => [...terms]);
  }
  indicator(terms: readonly Term[]): number {
    return this.indicators.get(terms.join(';'), () => [...terms]);
  }
  /** The indicator of a kind in a half-month: the minimum count of each choice that can reach one; null for none. */
  kindIn(list: readonly GivingChoice[], halfMonth: number): number | null {
    const terms = list
      .map(({ choice, giving }): Term => [choice, giving.kindFrom(halfMonth)])
      .filter(([choice, least]) => least <= this.choices.plants[choice]!.most);
    return terms.length > 0 ? this.indicator(terms) : null;
  }
  /** The cell of this content, the same one for the same content; `owner` keeps it apart from others' cells. */
  cell(content: Omit<Cell, 'of'>, owner = ''): number {
    return this.cells.get(`${owner} ${JSON.stringify(content)}`, () => ({ of: [], ...content }));
  }
}
