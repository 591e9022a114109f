import { dayNumber, type DayNumber } from '../model/days';
import type { Work } from '../model/work';
import { stepKey, type BatchHere } from '../raise/batch-here';
import { howOf } from '../raise/how';
import { SETTINGS } from '../settings';
import { begun } from './plan-tasks';
import type { RaiseAction, Task } from './task';

/** The first steps take most of the time; the others by the plant. */
const QUICK_MIN = 5;

/** The steps of the batches that are left, each as a task. What is done in it stands with the batch. */
export function raiseTasks(batches: readonly BatchHere[]): Task[] {
  return batches.flatMap((row) =>
    row.left.map((step): Task => {
      const { batch, here } = row;
      const many =
        step.kind === 'buy' || step.kind === 'sow' || step.kind === 'chill' || step.kind === 'warm' || step.kind === 'cut';
      const alive = row.growing || Math.max(1, row.toCome);
      const count = many ? batch.units : step.kind === 'plant-out' && batch.wanted > 0 ? Math.min(alive, batch.wanted) : alive;
      const { potEach, begin, look } = SETTINGS.raise.minutes;
      const potted = step.kind === 'prick-out' || step.kind === 'pot' || step.kind === 'plant-out';
      const { steps, why } = howOf(row.way, step.kind);
      return begun({
        key: stepKey(batch.id, step),
        action: `raise-${step.kind}` as RaiseAction,
        source: 'raise',
        site_id: null,
        plants: [{ plant: here.plant.id, count }],
        from: step.from,
        until: step.until,
        minutes:
          step.kind === 'look' ? look : potted ? potEach * count : step.kind === 'sow' || step.kind === 'cut' ? begin : QUICK_MIN,
        steps,
        why,
      });
    }),
  );
}

/** The day on which a step was ticked last, by what was said of the work. */
export function doneOnBy(said: ReadonlyMap<string, readonly Work[]>) {
  return (key: string): DayNumber | null => {
    const done = said.get(key)?.filter((row) => row.what === 'done') ?? [];
    return done.length > 0 ? Math.max(...done.map((row) => dayNumber(row.on_day))) : null;
  };
}
