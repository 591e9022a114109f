import type { BackupKind } from '../../../core/model/installation';

export interface Backup {
  /** Its file in the folder of the backups. */
  name: string;
  kind: BackupKind;
  /** When it was made, as an ISO moment. */
  at: string;
}

/** Of those made each day: so many days, weeks and months, each by its newest. Of the others so many of a kind. */
const KEPT = { days: 7, weeks: 4, months: 12 };
const KEPT_OF: Record<Exclude<BackupKind, 'daily'>, number> = {
  asked: 10,
  'before-import': 5,
  'before-restore': 3,
  'before-migration': 3,
};

/** The Monday of the week that a moment lies in, by UTC. */
function weekOf(at: string): string {
  const day = new Date(`${at.slice(0, 10)}T00:00:00Z`);
  day.setUTCDate(day.getUTCDate() - ((day.getUTCDay() + 6) % 7));
  return day.toISOString().slice(0, 10);
}

/** The newest backup of each of the last so many spans. */
function newestOf(backups: readonly Backup[], most: number, spanOf: (at: string) => string): Backup[] {
  const spans = new Map<string, Backup>();
  for (const backup of backups) if (!spans.has(spanOf(backup.at))) spans.set(spanOf(backup.at), backup);
  return [...spans.values()].slice(0, most);
}

/** Those of the backups, in any order, that are no longer kept. */
export function outlived(backups: readonly Backup[]): Backup[] {
  const newest = [...backups].sort((a, b) => b.at.localeCompare(a.at));
  const daily = newest.filter((backup) => backup.kind === 'daily');
  const kept = new Set([
    ...newestOf(daily, KEPT.days, (at) => at.slice(0, 10)),
    ...newestOf(daily, KEPT.weeks, weekOf),
    ...newestOf(daily, KEPT.months, (at) => at.slice(0, 7)),
    ...Object.entries(KEPT_OF).flatMap(([kind, most]) => newest.filter((backup) => backup.kind === kind).slice(0, most)),
  ]);
  return newest.filter((backup) => !kept.has(backup));
}
