import type { Spot } from '../../model/layout';

/** Places sorted into groups: each within `reach` (m) of another of its group. Groups of indices, the largest first. */
export function groupsOf(spots: readonly Pick<Spot, 'x' | 'y'>[], reach: number): number[][] {
  const group = spots.map(() => -1);
  const groups: number[][] = [];
  for (let i = 0; i < spots.length; i++) {
    if (group[i] !== -1) continue;
    const members = [i];
    group[i] = groups.length;
    for (const at of members)
      for (let j = 0; j < spots.length; j++)
        if (group[j] === -1 && Math.hypot(spots[at]!.x - spots[j]!.x, spots[at]!.y - spots[j]!.y) <= reach) {
          group[j] = groups.length;
          members.push(j);
        }
    groups.push(members);
  }
  return groups.sort((a, b) => b.length - a.length);
}
