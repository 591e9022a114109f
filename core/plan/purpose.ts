import { coverage, type CoverageInput } from '../coverage/coverage';
import { differenceOf, type Difference } from '../coverage/difference';
import type { Coverage } from '../coverage/types';
import { finish, type Steps } from '../model/steps';
import type { Need } from '../coverage/needs';

/** What one planting is there for, and what opens if it is removed. */
export interface Purpose {
  /** Needs it supplies in some half-month, by target. */
  serves: { target: string; stage: Need['stage'] }[];
  without: Difference;
}

/** What each planting of a garden is there for. `ids`: those asked about. */
export const purposesOf = (...of: Parameters<typeof purposesInSteps>): Map<string, Purpose> => finish(purposesInSteps(...of));

/** The same, planting by planting. */
export function* purposesInSteps(input: CoverageInput, covered: Coverage, ids: readonly string[]): Steps<Map<string, Purpose>> {
  const serves = new Map<string, Purpose['serves']>(ids.map((id) => [id, []]));
  for (const { target, needs } of covered.targets)
    for (const { need, cells } of needs) {
      const by = new Set(cells.flatMap((cell) => cell.contributions.map((part) => part.planting)));
      for (const id of by) serves.get(id)?.push({ target, stage: need.stage });
    }
  const found = new Map<string, Purpose>();
  for (const id of ids) {
    yield;
    const without = coverage({ ...input, plantings: input.plantings.filter((row) => row.id !== id) });
    found.set(id, { serves: serves.get(id)!, without: differenceOf(covered, without) });
  }
  return found;
}
