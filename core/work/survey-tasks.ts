import { dayInYear, dayNumber, isoOf } from '../model/days';
import { hostNames } from '../library/hosts';
import type { Work } from '../model/work';
import type { Thing } from '../model/yard';
import { SETTINGS } from '../settings';
import type { YearDays } from '../almanac/anchors';
import { begun } from './plan-tasks';
import type { Task, WorkInput } from './task';

/** Days in spring in which the soil is looked at again. */
const LOOK_d = 45;

/** What the survey asks for in a year: measurements grown old, readings of the probe, and invaders to be cleared. */
export function surveyTasks(input: WorkInput, days: YearDays): Task[] {
  return [...oldMeasures(input, days), ...readings(input, days), ...invaders(input, days)];
}

/** The last measurement of each bed, of a kind. */
function lastOf({ measures }: WorkInput, site: string, kinds: readonly string[]): string | null {
  const taken = measures.filter((row) => row.site_id === site && kinds.includes(row.kind)).map((row) => row.taken_on);
  return taken.sort().at(-1) ?? null;
}

function oldMeasures(input: WorkInput, days: YearDays): Task[] {
  const from = days.dayOf('last-frost-14', null)!;
  return input.sites.flatMap((site) => {
    const last = lastOf(input, site.id, ['probe', 'hole', 'jar', 'feel']);
    if (site.kind !== 'bed' || last === null) return [];
    const old = dayNumber(last) + 365 * SETTINGS.work.measureYears;
    const due = Math.max(dayInYear(days.year, from), old);
    if (due > dayInYear(days.year, from + LOOK_d)) return [];
    return [
      begun({
        key: `${days.year} measure ${site.id}`,
        action: 'measure',
        source: 'survey',
        site_id: site.id,
        from: due,
        until: dayInYear(days.year, from + LOOK_d),
        minutes: SETTINGS.work.minutes.measure,
        steps: ['Take the pH and the drainage of the bed again, on its page under Place'],
        why: `Its soil was last looked at on ${isoOf(dayNumber(last))}; compost, lime and rain have changed it since.`,
      }),
    ];
  });
}

/** A bed that is read with the probe is read again each month of the season. */
function readings(input: WorkInput, days: YearDays): Task[] {
  const from = dayInYear(days.year, days.dayOf('last-frost', null)!);
  const until = dayInYear(days.year, days.dayOf('first-frost', null)!);
  return input.sites.flatMap((site) => {
    const last = lastOf(input, site.id, ['probe']);
    if (last === null || from - dayNumber(last) > 365 * SETTINGS.soil.probeYears) return [];
    const due = Math.max(from, dayNumber(last) + SETTINGS.work.probeDays);
    if (due > until) return [];
    return [
      begun({
        key: `${days.year} probe ${site.id} ${last}`,
        action: 'measure',
        source: 'survey',
        site_id: site.id,
        from: due,
        until,
        minutes: SETTINGS.work.minutes.least,
        steps: ['Push the probe in at three places of the bed, and write the readings down'],
        why: `The last reading is of ${last}: three in a season are worth more than one.`,
      }),
    ];
  });
}

const ofKind = <K extends Thing['kind']>(things: readonly Thing[], kind: K) =>
  things.filter((thing): thing is Extract<Thing, { kind: K }> => thing.kind === kind);

function invaders({ things, almanac, library }: WorkInput, days: YearDays): Task[] {
  return ofKind(things, 'invader').flatMap((thing) => {
    const { state, plant: id, note } = thing.traits;
    if (state === 'cleared') return [];
    const plant = id ? almanac.plants.get(id)?.plant : undefined;
    const names = plant ? [...hostNames(plant), plant.kind] : [];
    const row = names.map((name) => library.clearing.find((way) => way.plant === name)).find((way) => way !== undefined);
    return [
      begun({
        key: `${days.year} clear ${thing.name}`,
        action: 'clear',
        source: 'survey',
        site_id: null,
        from: dayInYear(days.year, days.dayOf('last-frost-28', null)!),
        until: dayInYear(days.year, days.dayOf('first-frost', null)!),
        title: thing.name,
        minutes: SETTINGS.work.minutes.clear,
        tools: 'gloves, spade',
        steps: [row?.way, row?.season, row?.note, note].filter((step): step is string => Boolean(step)),
        why:
          state === 'cut'
            ? 'It was cut and sprouts again until its root is spent; cover the ground with what you want.'
            : 'It takes the ground of what feeds somebody. Look for nests and young on it first.',
      }),
    ];
  });
}

/** The gardener's own tasks. */
export function ownTasks(work: readonly Work[]): Task[] {
  return work.flatMap((row) => {
    if (row.what !== 'own') return [];
    const from = dayNumber(row.on_day);
    return [
      begun({
        key: row.task,
        action: row.action ?? 'own',
        source: 'own',
        site_id: row.site_id,
        from,
        // One that comes again does so until it is removed.
        until: row.every_days === null ? from + SETTINGS.work.week_d - 1 : from + 3650,
        every: row.every_days,
        title: row.title,
        minutes: row.minutes ?? 0,
        steps: row.note ? [row.note] : [],
        why: 'A task of your own.',
      }),
    ];
  });
}
