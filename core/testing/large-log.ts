import { isoOf, dayNumber } from '../model/days';
import type { Entry } from '../model/log';
import type { Library } from '../model/reference';
import { randomFrom } from '../model/random';
import { entry } from './log';

/** A log of so many entries over ten years: walks every week of the season with what was counted on them, and notes of plants. */
export function largeLog({ targets, plants }: Pick<Library, 'targets' | 'plants'>, size: number): Entry[] {
  const random = randomFrom(20);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  const entries: Entry[] = [];
  const first = dayNumber('2017-01-01');
  while (entries.length < size) {
    const day = isoOf(first + Math.floor(random() * 3650));
    const walk = entry('walk', null, day, { id: `w${entries.length}`, minutes: 20, at: '11:00' });
    entries.push(walk);
    for (let n = 0; n < 8 && entries.length < size; n++) {
      const what = pick(['adult', 'adult', 'adult', 'larva', 'eggs', 'chrysalis'] as const);
      const over = { count: 1 + Math.floor(random() * 9), walk_id: what === 'adult' ? walk.id : null, plant: pick(plants).id };
      entries.push(entry(what, pick(targets).id, day, over));
    }
    if (entries.length < size) entries.push(entry('first-flower', pick(plants).id, day, { note: 'by the gate' }));
  }
  return entries;
}
