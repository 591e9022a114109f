import { describe, expect, it } from 'vitest';
import type { BackupKind } from '../../../core/model/installation';
import { outlived, type Backup } from './keep';

const made = (kind: BackupKind, at: string): Backup => ({ name: `${at} ${kind}`, kind, at });
/** One backup made at noon on each day of the year up to a day. */
const everyDay = (days: number, last = '2026-12-31') =>
  Array.from({ length: days }, (_, i) => {
    const day = new Date(`${last}T12:00:00Z`);
    day.setUTCDate(day.getUTCDate() - i);
    return made('daily', day.toISOString());
  });
const keptOf = (backups: Backup[]) => {
  const gone = new Set(outlived(backups));
  return backups
    .filter((backup) => !gone.has(backup))
    .map((backup) => backup.at.slice(0, 10))
    .sort()
    .reverse();
};

describe('the backups that are kept', () => {
  it('a week of days, the ends of four weeks, the ends of twelve months', () => {
    // 31 December 2026 is a Thursday: the weeks before end on the Sundays 27, 20 and 13 December.
    expect(keptOf(everyDay(730))).toEqual([
      ...['2026-12-31', '2026-12-30', '2026-12-29', '2026-12-28', '2026-12-27', '2026-12-26', '2026-12-25'],
      ...['2026-12-20', '2026-12-13'],
      ...['2026-11-30', '2026-10-31', '2026-09-30', '2026-08-31', '2026-07-31', '2026-06-30', '2026-05-31', '2026-04-30'],
      ...['2026-03-31', '2026-02-28', '2026-01-31'],
    ]);
  });
  it('where it is seldom opened, as many days, weeks and months as there are', () => {
    const days = ['2025-02-03', '2025-06-30', '2026-01-05', '2026-09-09'].map((day) => made('daily', `${day}T12:00:00.000Z`));
    expect(outlived(days)).toEqual([]);
  });
  it('of one day the newest, of the others the newest of their kind', () => {
    const twice = [made('daily', '2026-05-01T08:00:00.000Z'), made('daily', '2026-05-01T20:00:00.000Z')];
    expect(outlived(twice)).toEqual([twice[0]]);
    const imports = Array.from({ length: 7 }, (_, i) => made('before-import', `2026-05-01T08:00:0${i}.000Z`));
    expect(outlived([...imports].reverse())).toEqual([imports[1], imports[0]]);
    const restores = Array.from({ length: 4 }, (_, i) => made('before-restore', `2026-05-01T08:00:0${i}.000Z`));
    expect(outlived([...imports.slice(0, 5), ...restores])).toEqual([restores[0]]);
  });
});
