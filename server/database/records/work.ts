import type { OwnDayFields, WorkFields } from '../../../core/model/work';
import type { Connection } from '../connection';
import { record } from '../journal';
import { readRows } from '../tables';
import { mustRead, mustReadAt, newId, revised, type Known } from './reading';

/** Writes down what was said of a task, or an own task (which gets a name of its own), and returns its id. */
export function addWork(db: Connection, gardenId: string, fields: WorkFields, label: string): string {
  mustRead(db, 'garden', gardenId, gardenId);
  const id = newId();
  const task = fields.what === 'own' ? `own ${id}` : fields.task;
  record(db, gardenId, label, ({ add }) => add('work', { ...fields, task, id, revision: 0 }));
  return id;
}

/** Takes back what was said of a task. Of an own task all that was said of it goes with it. */
export function removeWork(db: Connection, gardenId: string, known: Known) {
  const row = mustReadAt(db, 'work', gardenId, known);
  record(db, gardenId, row.what === 'own' ? `Remove “${row.title}”` : 'Take back what was said of a task', ({ remove }) => {
    if (row.what === 'own')
      for (const said of readRows(db, 'work', gardenId))
        if (said.task === row.task && said.id !== row.id) remove('work', said.id);
    remove('work', row.id);
  });
}

/** Writes down days of weather as the gardener read them; a day that is there already is written over. */
export function putDays(db: Connection, gardenId: string, days: readonly OwnDayFields[]) {
  mustRead(db, 'garden', gardenId, gardenId);
  const known = new Map(readRows(db, 'own_day', gardenId).map((row) => [row.on_day, row]));
  // Of two readings of one day the later one in the list counts.
  const byDay = new Map(days.map((day) => [day.on_day, day]));
  const label = byDay.size === 1 ? 'Write down a day’s weather' : `Write down the weather of ${byDay.size} days`;
  record(db, gardenId, label, ({ add, update }) => {
    for (const day of byDay.values()) {
      const before = known.get(day.on_day);
      if (before) update('own_day', revised(before, day));
      else add('own_day', { ...day, id: newId(), revision: 0 });
    }
  });
}

export function removeDay(db: Connection, gardenId: string, known: Known) {
  const row = mustReadAt(db, 'own_day', gardenId, known);
  record(db, gardenId, 'Delete a day’s weather', ({ remove }) => remove('own_day', row.id));
}
