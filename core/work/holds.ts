import type { Coverage } from '../coverage/types';
import { SETTINGS } from '../settings';

/**
 * Which life cycles depend on each planting: creatures of which a need that is closed would no longer be without what it
 * gives, in some half-month. By planting id.
 */
export function holdsOf({ targets }: Pick<Coverage, 'targets'>): Map<string, string[]> {
  const found = new Map<string, Set<string>>();
  for (const { target, needs } of targets)
    for (const { cells } of needs)
      for (const { supply, demand, verdict, contributions } of cells) {
        if (verdict !== 'closed') continue;
        for (const { planting, amount } of contributions)
          if (supply - amount < SETTINGS.coverage.closed * demand || contributions.length === 1)
            found.set(planting, (found.get(planting) ?? new Set()).add(target));
      }
  return new Map([...found].map(([planting, held]) => [planting, [...held]]));
}
