import { eatsOf, feeds } from '../library/hosts';
import { isListed } from '../library/status';
import { isSeedMethod } from '../library/ways';
import { dayNumber } from '../model/days';
import type { Entry } from '../model/log';
import type { DayWindow } from '../model/half-month';
import { SETTINGS } from '../settings';
import { thereOn } from '../work/young';
import { lacking, NO, type Finding } from './finding';
import type { Subject } from './subject';

/** The average day of midsummer, before which what came up late may still come, and what was planted in autumn is new. */
const MIDSUMMER = 181;

/** Years since it was planted; null where that is not known. What grew before the garden was planned is old. */
function ageOf({ planting, year }: Subject): number | null {
  if (!planting) return null;
  if (planting.planted_year === null) return planting.stays ? SETTINGS.work.unknownAge : null;
  return year - planting.planted_year;
}
function byAge(subject: Subject, is: (age: number) => boolean, more: Record<string, number> = {}): Finding {
  const age = ageOf(subject);
  if (age === null) return subject.planting ? lacking('age') : subject.batch ? { is: is(0), of: { age: 0, ...more } } : NO;
  return { is: is(age), of: { age, planted: subject.planting?.planted_year ?? 0, ...more } };
}

/** Where a day of the year lies against a window: days before its first (positive), within (0), or after its last (negative). */
export function against({ from, to }: DayWindow, day: number): number {
  if (thereOn({ from, to }, day)) return 0;
  const before = (from - day + 730) % 365;
  const after = (day - to + 730) % 365;
  return before <= after ? before : -after;
}

const bloom = ({ here, average }: Subject, is: (apart: number) => boolean): Finding => {
  if (!here?.bloom) return NO;
  const { from, to } = here.bloom;
  return { is: is(against(here.bloom, average)), of: { from, to } };
};

/** Entries of the last days that a test holds of. */
export const lately = ({ day, today }: Subject, days: number, is: (entry: Entry) => boolean): Entry[] => {
  const found: Entry[] = [];
  // Newest first.
  for (const entry of day.log.entries) {
    const on = dayNumber(entry.on_day);
    if (on < today - days) break;
    if (on <= today && is(entry)) found.push(entry);
  }
  return found;
};

/** Was the young of a creature written down on this plant, or of one that lives on it and in its bed or nowhere in particular? */
function youngSeen(subject: Subject, whats: readonly Entry['what'][]): Finding {
  const { here, site, input } = subject;
  if (!here) return NO;
  const { targets } = input.work.input.almanac;
  const found = lately(subject, SETTINGS.why.lately_d, (entry) => {
    if (!whats.includes(entry.what)) return false;
    if (entry.plant !== null) return entry.plant === here.plant.id;
    const host = entry.of === null ? undefined : targets.get(entry.of)?.hosts.get(here.plant.id);
    return host !== undefined && (entry.site_id === null || site === null || entry.site_id === site.id);
  });
  const last = found[0];
  return last ? { is: true, of: { on: last.on_day, creature: last.of ?? last.called } } : NO;
}

/** Creatures of the region that grow up on a plant. */
const guestsOf = ({ here, input }: Subject): string[] =>
  here
    ? [...input.work.input.almanac.targets.values()].filter((row) => feeds(row.hosts, here.plant.id)).map((row) => row.target.id)
    : [];

/** Creatures whose eggs or larvae may be on a plant on this day, the chosen ones and those that live on it first of all. */
export function youngDue({ here, input, average }: Subject): string[] {
  if (!here) return [];
  const there = input.work.care.youngOn(here).filter((row) => row.stage === 'feeding' && thereOn(row, average));
  return [...new Set(there.map((row) => row.target.target.id))];
}

/** Of a batch just raised: its way of raising by the library. */
function wayOf({ input, here, batch }: Subject) {
  if (!here || !batch) return null;
  const ways = input.work.input.raising.rowsOf(here);
  const seed = ways.filter((way) => isSeedMethod(way.method));
  return ways.find((way) => way.method === batch.method) ?? seed[0] ?? null;
}
const sown = (subject: Subject, test: (way: NonNullable<ReturnType<typeof wayOf>>) => Finding): Finding => {
  const way = wayOf(subject);
  return way ? test(way) : lacking('batch');
};
/** Days of cold that seed of the plant wants by any of its ways. */
const chillOf = ({ input, here }: Subject): number =>
  here
    ? Math.max(
        0,
        ...input.work.input.raising
          .rowsOf(here)
          .filter((way) => isSeedMethod(way.method))
          .map((way) => way.row.chill_days ?? 0),
      )
    : 0;
const CHILLS: ReadonlySet<string> = new Set(['winter-container', 'autumn-in-place', 'chilled-indoors']);
const INDOORS: ReadonlySet<string> = new Set(['indoors', 'chilled-indoors']);
const WARM_c = 21;

/** Facts of a plant itself: its age, where it is from, its nature, its year, who lives on it, and how it was raised. */
export const PLANT_OWN_FACTS = {
  'first-year': (subject: Subject) => byAge(subject, (age) => age === 0 || (age === 1 && subject.average < MIDSUMMER)),
  'last-autumn': (subject: Subject) => byAge(subject, (age) => age === 1 && subject.average < MIDSUMMER),
  young: (subject: Subject) => {
    const years = subject.here?.plant.years_to_flower ?? 0;
    return byAge(subject, (age) => age < years, { years });
  },
  settled: (subject: Subject) => byAge(subject, (age) => age >= SETTINGS.why.settled_y),
  'old-clump': (subject: Subject) => {
    const { here, input } = subject;
    const way = here && input.work.input.raising.rowsOf(here).find((row) => row.method === 'division');
    if (!here || !way) return NO;
    const every = way.row.every_to ?? SETTINGS.why.clump_y;
    return byAge(subject, (age) => age >= every, { every });
  },
  'at-its-end': (subject: Subject) => {
    const years = subject.here?.plant.life_years ?? Infinity;
    return byAge(subject, (age) => age >= years, { years });
  },
  alone: ({ input, here }: Subject) => {
    if (!here) return NO;
    const standing = input.work.input.plantings.filter((row) => row.plant === here.plant.id && row.state === 'in-ground');
    const count = standing.reduce((sum, row) => sum + row.count, 0);
    return { is: count === 1, of: { count } };
  },
  bought: ({ planting, input, here }: Subject) => {
    if (!planting || planting.stays) return NO;
    if (input.batches.some((row) => row.plant === here?.plant.id)) return NO;
    const { source, cost_minor } = planting;
    return source !== '' || (cost_minor ?? 0) > 0 ? { is: true, of: { source } } : lacking('purchase');
  },
  'own-raised': ({ input, here }: Subject) => ({ is: input.batches.some((row) => row.plant === here?.plant.id) }),
  'raised-indoors': ({ batch }: Subject) => ({ is: batch !== null && INDOORS.has(batch.method) }),
  biennial: ({ here }: Subject) => ({ is: here?.plant.kind === 'biennial' }),
  evergreen: ({ names }: Subject) => ({ is: names.has('#evergreen') }),
  vigorous: ({ here }: Subject) => ({ is: here?.plant.vigour === 3 }),
  runner: ({ here }: Subject) => ({
    is: here !== null && (here.plant.habit === 'rhizome' || here.plant.habit === 'runner' || here.plant.manners === 'runs'),
  }),
  seeder: ({ here }: Subject) => ({ is: here !== null && (here.plant.habit === 'seeder' || here.plant.manners === 'weedy') }),
  listed: ({ here }: Subject) => ({
    is: here !== null && isListed(here.status.status),
    of: { status: here?.status.status ?? '' },
  }),
  'before-leaf': (subject: Subject) => {
    const { here, average } = subject;
    if (!here) return NO;
    const { from } = here.foliage;
    // What rises late is not late before the middle of June.
    const until = Math.max(from + SETTINGS.why.leafLate_d, SETTINGS.why.lateRiser_day);
    return { is: average <= until, of: { from } };
  },
  'leaf-ending': ({ here, average }: Subject) => {
    if (!here || here.foliage.to - here.foliage.from >= 363) return NO;
    const apart = against(here.foliage, average);
    const ending = (here.foliage.to - average + 365) % 365 <= SETTINGS.why.leafEnds_d;
    return { is: apart < 0 || (apart === 0 && ending) || apart > SETTINGS.why.leafEnds_d, of: { to: here.foliage.to } };
  },
  'before-bloom': (subject: Subject) => bloom(subject, (apart) => apart > 5),
  'in-bloom': (subject: Subject) => bloom(subject, (apart) => Math.abs(apart) <= 5),
  'after-bloom': (subject: Subject) => bloom(subject, (apart) => apart < -5),
  host: (subject: Subject) => {
    const guests = guestsOf(subject);
    return { is: guests.length > 0, of: { creature: guests[0] ?? '', more: guests.length - 1 } };
  },
  'no-host': (subject: Subject) => ({ is: subject.here !== null && guestsOf(subject).length === 0 }),
  'bud-host': (subject: Subject) => {
    const { targets } = subject.input.work.input.almanac;
    const plant = subject.here?.plant.id ?? '';
    const eater = guestsOf(subject).find((id) => eatsOf(targets.get(id)!.target, targets.get(id)!.hosts.get(plant)) === 'buds');
    return eater ? { is: true, of: { creature: eater } } : NO;
  },
  'larvae-due': (subject: Subject) => {
    const [first] = youngDue(subject);
    return first ? { is: true, of: { creature: first } } : NO;
  },
  'larvae-on-it': (subject: Subject) => youngSeen(subject, ['larva', 'trace']),
  'eggs-on-it': (subject: Subject) => youngSeen(subject, ['eggs', 'laying']),
  'eaten-seen': (subject: Subject) => {
    const [last] = lately(
      subject,
      SETTINGS.why.season_d,
      (entry) => entry.what === 'eaten' && entry.of === subject.here?.plant.id,
    );
    return last ? { is: true, of: { on: last.on_day } } : NO;
  },
  'wants-cold': (subject: Subject) => ({ is: chillOf(subject) > 0, of: { days: chillOf(subject) } }),
  'no-cold-given': (subject: Subject) => ({
    is: subject.batch !== null && chillOf(subject) > 0 && !CHILLS.has(subject.batch.method),
    of: { days: chillOf(subject) },
  }),
  'cold-given': ({ batch }: Subject) => ({ is: batch !== null && CHILLS.has(batch.method) }),
  'wants-light': (subject: Subject) => sown(subject, ({ row }) => ({ is: row.depth_mm === 0 })),
  'wants-warmth': (subject: Subject) =>
    sown(subject, ({ row }) => ({ is: (row.warmth_c ?? 0) >= WARM_c, of: { warmth_c: row.warmth_c ?? 0 } })),
  'hard-coat': (subject: Subject) =>
    sown(subject, ({ row }) => ({ is: row.treatment.includes('scarify') || row.treatment.includes('hot-water') })),
  'not-due': (subject: Subject) => waited(subject, (days, usual) => days < usual),
  overdue: (subject: Subject) => waited(subject, (days, usual) => days > usual * SETTINGS.why.overdueTimes),
} satisfies Record<string, (subject: Subject) => Finding>;

/** Days since a batch was begun, beside the last on which its seed usually is up, its cold included. */
function waited(subject: Subject, is: (days: number, usual: number) => boolean): Finding {
  return sown(subject, ({ row }) => {
    if (row.days_to === null) return NO;
    const { method, begun_on } = subject.batch!;
    const cold = method === 'chilled-indoors' ? (row.chill_days ?? 0) : 0;
    const days = subject.today - dayNumber(begun_on!);
    const usual = row.days_to + cold;
    return { is: is(days, usual), of: { days, usual } };
  });
}
