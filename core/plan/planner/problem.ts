import { rulesOf } from '../../coverage/gives/rules';
import { ProblemBuilder } from './builder';
import type { Cell, Indicator, LeafPart, Patch, SharedLeaf, Term } from './cells';
import type { Choices } from './choices';
import { leafCellsFor } from './leaf-cells';
import { needCells } from './need-cells';
import { costsOf, type Costs } from './preferences';
import type { PlanQuestion } from './question';

/**
 * The question as numbers: what may be chosen, what it adds to each need in each half-month, and what is there already.
 * Choices are numbered plants first, then features. Nothing here knows how it will be solved.
 */
export interface Problem {
  question: PlanQuestion;
  choices: Choices;
  costs: Costs;
  goals: Goal[];
  cells: Cell[];
  totals: Term[][];
  indicators: Indicator[];
  resources: SharedLeaf[];
  parts: LeafPart[];
  patches: Patch[];
}

/** A target to be closed. */
interface Goal {
  target: string;
  priority: number;
  /** Share of its cells that what is kept has filled, and the cells still to fill. */
  given: number;
  cells: number[];
  /** Its leaf: the cells still to fill with their shares, and the share that what is kept has filled; null where it asks for none. */
  leaf: { cells: [cell: number, share: number][]; given: number } | null;
}

/** The question as numbers. Rows that several targets or half-months share are written once. */
export function problemOf(question: PlanQuestion): Problem {
  const b = new ProblemBuilder(question);
  const chosen = rulesOf(question);
  const eaten = chosen.flatMap(({ rules }) => rules.filter((rule) => rule.need.stage === 'host'));
  const leafCells = leafCellsFor(b, eaten);
  const goals = chosen.map(({ here, rules }, goal): Goal => {
    const leaf = rules.filter((rule) => rule.need.stage === 'host').flatMap((rule) => leafCells(rule));
    const found = [...leaf, ...rules.filter((rule) => rule.need.stage !== 'host').flatMap((rule) => needCells(b, rule))];
    const open = new Map<number, number>();
    for (const cell of found) if (cell !== null) open.set(cell, (open.get(cell) ?? 0) + 1);
    for (const [cell, times] of open) b.cells.list[cell]!.of.push({ goal, share: times / found.length });
    return {
      target: here.target.id,
      priority: question.targets.find((row) => row.target === here.target.id)!.priority,
      given: found.length === 0 ? 1 : found.filter((cell) => cell === null).length / found.length,
      cells: [...open.keys()],
      leaf:
        leaf.length === 0
          ? null
          : {
              cells: leaf.flatMap((cell): [number, number][] => (cell === null ? [] : [[cell, 1 / leaf.length]])),
              given: leaf.filter((cell) => cell === null).length / leaf.length,
            },
    };
  });
  return {
    question,
    choices: b.choices,
    costs: costsOf(question, b.choices),
    goals,
    cells: b.cells.list,
    totals: b.totals.list,
    indicators: b.indicators.list,
    resources: b.resources,
    parts: b.parts,
    patches: b.patches.list,
  };
}
