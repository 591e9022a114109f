import { dateName, dayName, type DayWindow } from '../model/half-month';
import { averageDay, isoOf, type DayNumber } from '../model/days';
import type { Care } from '../model/reference';
import { SETTINGS } from '../settings';
import type { Thirst } from '../model/vocabulary';
import { takesAll } from '../work/care-tasks';
import type { Loss } from '../work/day-list';
import type { Standing, TaskOn } from '../work/standing';
import type { Amount, Task, TaskAction, YoungNote } from '../work/task';
import type { Warning } from '../work/warnings';
import type { WaterOn } from '../work/water';
import { listed, sentence } from './lists';
import { FEATURE_NAMES } from './needs';
import { fluid, inUnitsOf, type Units } from './units';
import type { Feature } from '../model/vocabulary';

/** What is done, as a task begins. */
export const ACTION_WORDS: Record<TaskAction, string> = {
  water: 'Water',
  feed: 'Feed',
  stake: 'Stake',
  pinch: 'Pinch',
  deadhead: 'Deadhead',
  thin: 'Thin',
  shear: 'Shear',
  'cut-third': 'Cut back by a part',
  'cut-down': 'Cut down',
  'cut-dead': 'Cut last year’s stems',
  leave: 'Leave standing',
  divide: 'Divide',
  protect: 'Cover for winter',
  uncover: 'Uncover',
  'bring-in': 'Bring in',
  'harden-off': 'Harden off',
  'take-out': 'Take out again',
  mulch: 'Mulch',
  'top-up': 'Top up',
  clean: 'Clean',
  renew: 'Renew',
  watch: 'Look at',
  plant: 'Plant',
  sow: 'Sow',
  cut: 'Cut for a second bloom',
  measure: 'Measure',
  clear: 'Clear',
  own: 'Do',
  remedy: 'Remedy',
  'follow-up': 'Did it help?',
  'raise-buy': 'Buy seed',
  'raise-warm': 'Warm the seed',
  'raise-chill': 'Chill the seed',
  'raise-sow': 'Sow',
  'raise-cut': 'Take cuttings',
  'raise-divide': 'Divide',
  'raise-layer': 'Layer',
  'raise-look': 'Look at the batch',
  'raise-prick-out': 'Prick out',
  'raise-pot': 'Pot up',
  'raise-sever': 'Cut off the layers',
  'raise-thin': 'Thin',
  'raise-winter': 'Winter the pots',
  'raise-harden': 'Harden off',
  'raise-plant-out': 'Plant out',
};

/** Where a task stands, as the heads of the list say it. */
export const STANDING_WORDS: Record<Standing, string> = {
  late: 'Late',
  today: 'Today',
  open: 'This week',
  week: 'This week',
  anytime: 'When it suits',
  coming: 'Coming weeks',
  later: 'Later',
  done: 'Done',
  skipped: 'Skipped',
  gone: 'Missed',
};

export interface Names {
  plant(id: string): string;
  site(id: string): string;
  creature(id: string): string;
}

/** How many kinds a title names before it counts them. */
const NAMED = 2;

/** What a task is for, in few words: `5 New England aster`, `9 kinds, 42 plants`, `the damp mud patch`. */
export function forWords(task: Pick<Task, 'plants' | 'feature' | 'title' | 'action'>, names: Pick<Names, 'plant'>): string {
  if (task.title !== null) return task.title;
  if (task.feature !== null) return FEATURE_NAMES[task.feature as Feature] ?? task.feature;
  if (task.plants.length === 0)
    return task.action === 'measure' ? 'its soil' : task.action === 'water' ? 'what is dry' : 'the bed';
  if (task.plants.length <= NAMED) return listed(task.plants.map(({ plant, count }) => `${count} ${names.plant(plant)}`));
  const plants = task.plants.reduce((sum, row) => sum + row.count, 0);
  return `${task.plants.length} kinds, ${plants} plants`;
}

/** A task in a line: `Divide 7 Lobelia in The swale`. */
export function taskTitle(task: Pick<Task, 'plants' | 'feature' | 'title' | 'action' | 'site_id'>, names: Names): string {
  const what = task.action === 'own' ? forWords(task, names) : `${ACTION_WORDS[task.action]}: ${forWords(task, names)}`;
  return task.site_id === null ? what : `${what}, ${names.site(task.site_id)}`;
}

/** A day of the garden’s calendar: `14 May`, with its year where that is another than today’s. */
export const dayWords = (day: DayNumber, today: DayNumber): string => {
  const iso = isoOf(day);
  return iso.slice(0, 4) === isoOf(today).slice(0, 4) ? dayName(averageDay(day)) : dateName(iso);
};

/** A day near today: `today`, `tomorrow`, `Saturday 9 May`. */
export function nearDay(day: DayNumber, today: DayNumber): string {
  if (day === today) return 'today';
  if (day === today + 1) return 'tomorrow';
  const near = Math.abs(day - today) < 8;
  return near ? `${weekday(day)} ${dayWords(day, today)}` : dayWords(day, today);
}

const WEEKDAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'] as const;
/** The day of the week. 1 January 1970 was a Thursday. */
export const weekday = (day: DayNumber): string => WEEKDAYS[(((day + 4) % 7) + 7) % 7]!;

/** When a task can be done: `until 26 May, best on Friday 8 May`. */
export function whenWords(task: TaskOn, today: DayNumber): string {
  const { standing, due, until, best, every, last } = task;
  const again = every !== null && every > 1 ? `, every ${every} days` : '';
  if (standing === 'late') return `should have been done by ${dayWords(until, today)}`;
  if (standing === 'done') return last === null ? 'done' : `done ${nearDay(last, today)}`;
  if (standing === 'skipped') return 'skipped this time';
  if (standing === 'coming' || standing === 'later') return `from ${dayWords(due, today)}${again}`;
  if (standing === 'week') return `from ${nearDay(due, today)}${again}`;
  if (until === today) return 'today';
  // A window that is open for years, of a task of one’s own, has no end worth naming.
  const end = until - today > 365 ? '' : `until ${dayWords(until, today)}`;
  const good = best !== null && best !== today ? `best ${nearDay(best, today)}` : '';
  return [again.slice(2), end, good].filter(Boolean).join(', ') || 'any day';
}

/** Days that a plant set today has to root before the first frost, or what to do where they are too few; empty for other work. */
export function rootingWords(task: Pick<TaskOn, 'action' | 'standing' | 'until' | 'from'>, today: DayNumber): string {
  if (task.action !== 'plant') return '';
  if (task.standing === 'late')
    return 'It will not root before winter now: keep it in its pot, under cover, and plant it in spring.';
  if (task.until - task.from <= SETTINGS.work.anytime_d + SETTINGS.planting.rootingDays) return '';
  const days = task.until + SETTINGS.planting.rootingDays - Math.max(today, task.from);
  return `Set ${today < task.from ? 'on its first day' : 'today'} it has ${days} days to root before the first frost.`;
}

/** Minutes as one says them: `5 min`, `1 h 20`. */
export function minutesWords(minutes: number): string {
  const whole = Math.max(1, Math.round(minutes));
  if (whole < 60) return `${whole} min`;
  const rest = whole % 60;
  return rest === 0 ? `${Math.floor(whole / 60)} h` : `${Math.floor(whole / 60)} h ${String(rest).padStart(2, '0')}`;
}

/** How much of what: `29 l of water`, in the units chosen. */
export function amountWords({ amount, unit }: Amount, units: Units): string {
  const rounded = amount < 10 ? Number(amount.toFixed(1)) : Math.round(amount);
  if (unit.startsWith('l of ')) {
    const what = unit.slice(5);
    if (/water|feed/.test(what)) return `${fluid(amount, units)} of ${what}`;
    const bags = Math.ceil(amount / SETTINGS.shopping.goods.mulch.bag_l);
    const inBags = what === 'mulch' ? ` (${bags} ${bags === 1 ? 'bag' : 'bags'})` : '';
    return `${units.volume(amount)} of ${what}${inBags}`;
  }
  if (unit.startsWith('kg of ')) return `${units.weight(amount)} of ${unit.slice(6)}`;
  if (unit.startsWith('g of ')) return `${units.weight(amount / 1000)} of ${unit.slice(5)}`;
  return `${rounded} × ${unit}`;
}

const STAGES: Record<YoungNote['stage'], string> = {
  feeding: 'eggs or caterpillars may be on it',
  wintering: 'winters on the plant',
  below: 'winters in its stems or the litter',
};

/** Whose young a task has to do with, a sentence each: `Monarch: eggs or caterpillars may be on it (Swamp milkweed).` */
export function youngSentences(young: readonly YoungNote[], names: Pick<Names, 'creature' | 'plant'>): string[] {
  const found = new Map<string, Set<string>>();
  for (const { target, plant, stage } of young) {
    const key = `${names.creature(target)}: ${STAGES[stage]}`;
    found.set(key, (found.get(key) ?? new Set()).add(names.plant(plant)));
  }
  return [...found].map(([words, plants]) => (plants.size > 3 ? `${words}.` : `${words} (${listed([...plants])}).`));
}

/** What the young ask of a task; empty where nothing. */
export function heedWords(task: TaskOn, today: DayNumber): string {
  const feeding = task.young.some((row) => row.stage === 'feeding');
  switch (task.heed) {
    case 'waited':
      return `Not before ${dayWords(task.from, today)}: until then young are on it.`;
    case 'leave-part':
      return 'Look first, and leave every stem with eggs, caterpillars or chrysalises; leave a third in any case.';
    case 'look':
      if (task.action === 'divide') return 'Look first, and put the litter about it back as it lay: somebody winters in it.';
      if (!feeding) return 'Look first: tie up or lay aside what carries a chrysalis.';
      return takesAll(task.action)
        ? `Look first. From ${dayWords(task.until + 1, today)} young are on it, and it waits.`
        : 'Look first: eggs or caterpillars may be on its new shoots.';
    case 'none':
      return '';
  }
}

const THIRST_WORDS: Record<Thirst, string> = {
  moist: 'never dry',
  even: 'evenly moist while they root',
  spell: 'watered in dry spells',
  'long-spell': 'watered in long dry spells',
  none: 'not watered',
};

/** Why a site is watered, or is not: a sentence for each group of its plants. */
export function waterSentences(water: WaterOn, units: Units): string[] {
  const held = (share: number) => `${Math.round(100 * share)} %`;
  const groups = water.all.map((group) => {
    const kinds = group.plantings.length === 1 ? '1 planting' : `${group.plantings.length} plantings`;
    const dry = water.dry.some((row) => row.thirst === group.thirst);
    return `${kinds} ${THIRST_WORDS[group.thirst]}: ${held(group.held)} of the water their roots can reach is left${dry ? ', too little' : ''}.`;
  });
  const rain =
    water.dryFor_d === 0
      ? 'It rained today.'
      : `${water.dryFor_d} ${water.dryFor_d === 1 ? 'day' : 'days'} without ${units.rain(5)} of rain.`;
  const tomorrow = water.rainTomorrow_mm === null ? '' : `${units.rain(water.rainTomorrow_mm)} of rain is forecast for tomorrow.`;
  return [rain, tomorrow, ...groups].filter(Boolean);
}

/** How a watering is brought: by the hose, or in cans beyond its reach. */
export function wateringWords({ by, litres, minutes, site }: WaterOn, units: Units): string {
  const how = by === 'hose' ? `${minutesWords(minutes)} of hose` : `${Math.max(1, Math.ceil(litres / 9))} cans`;
  return `${fluid(litres, units)}, ${how}${by === 'cans' && site.inReach === false ? ' (beyond the hose’s reach)' : ''}`;
}

/** What the weather threatens, as a head and what to do. */
export function warningWords(warning: Warning, today: DayNumber, names: Names, units: Units): { title: string; does: string } {
  switch (warning.kind) {
    case 'frost': {
      const { low_c, day, tender } = warning;
      const list = (does: 'bring-in' | 'cover') =>
        listed([
          ...new Set(
            tender.filter((row) => row.does === does).map((row) => `${names.plant(row.plant)} (${names.site(row.site)})`),
          ),
        ]);
      const inside = list('bring-in');
      const cover = list('cover');
      return {
        title: `${nearDay(day, today)}: a night of ${units.temperature(low_c)}`,
        does: [inside && `Bring in ${inside}.`, cover && `Cover ${cover}, or cut what you want of it.`].filter(Boolean).join(' '),
      };
    }
    case 'flash-freeze':
      return {
        title: `${nearDay(warning.day, today)}: a flash freeze to ${units.temperature(warning.low_c)}`,
        does: 'It kills what the average winter would not: cover what stands at the edge of its cold, lay pots down out of the wind, drain the hose.',
      };
    case 'dry-spell':
      return {
        title: `A dry spell: ${warning.days} days without rain`,
        does: `Water ${listed(warning.beds.map(({ site, litres }) => `${names.site(site)} (${fluid(litres, units)})`))}.`,
      };
    case 'heat':
      return {
        title: `${nearDay(warning.day, today)}: heat of ${units.temperature(warning.high_c)}`,
        does: [
          warning.pots.length > 0 ? `Water pots morning and evening: ${listed(warning.pots.map(names.site))}.` : '',
          warning.young.length > 0
            ? `Look after what is new: ${listed([...new Set(warning.young.map(({ plant }) => names.plant(plant)))].slice(0, 5))}.`
            : '',
          'No planting, feeding or cutting in the heat.',
        ]
          .filter(Boolean)
          .join(' '),
      };
    case 'heavy-rain':
      return {
        title: `${nearDay(warning.day, today)}: ${units.rain(warning.rain_mm)} of rain`,
        does: `On the slope it runs off and takes mulch and seed with it: look after ${listed(warning.sites.map(names.site))}; sow and mulch after it.`,
      };
    case 'last-frost-nears':
      return {
        title: `The last frost: on average ${dayWords(warning.day, today)}`,
        does: `In ${Math.round(10 * warning.odds)} years of ten a frost still comes after today. What is tender waits.`,
      };
    case 'first-frost-nears':
      return {
        title: `The first frost: on average ${dayWords(warning.day, today)}`,
        does: `If it has not come yet, it comes within a week in ${Math.round(10 * warning.odds)} years of ten.`,
      };
  }
}

/** What putting a task off costs. */
export function lossWords({ cycles, plants, closes_d }: Loss): string {
  const parts = [
    cycles > 0 ? `${cycles} life ${cycles === 1 ? 'cycle depends' : 'cycles depend'} on it` : '',
    plants > 0 ? `${plants} ${plants === 1 ? 'plant' : 'plants'} at risk` : '',
    Number.isFinite(closes_d)
      ? closes_d === 0
        ? 'its window closes today'
        : `its window closes in ${closes_d} ${closes_d === 1 ? 'day' : 'days'}`
      : '',
  ].filter(Boolean);
  return parts.length > 0 ? listed(parts) : 'nothing yet';
}

/** Whom a row of care speaks of. */
export function ruleFor({ plant }: Pick<Care, 'plant'>): string {
  if (plant === 'any') return 'every plant';
  if (plant.startsWith('#')) return `every plant that is ${TAG_WORDS[plant.slice(1)] ?? plant.slice(1)}`;
  return plant.startsWith('@') ? (FEATURE_NAMES[plant.slice(1) as Feature] ?? plant.slice(1)) : `every ${plant}`;
}

/** When a row of care applies, after its action: `, 7 April to 12 May, every 3 years, in pots`. */
export function ruleWhen(rule: Care, window: DayWindow | null): string {
  const { age_from, age_to, every_days, every_years, place, thirst } = rule;
  const age =
    age_to !== null
      ? age_to === (age_from ?? 0)
        ? `in ${ordinal(age_to + 1)} year`
        : `in ${ordinal((age_from ?? 0) + 1)} to ${ordinal(age_to + 1)} year`
      : age_from
        ? `from ${ordinal(age_from + 1)} year`
        : '';
  const parts = [
    window ? `${dayName(window.from)} to ${dayName(window.to)}` : '',
    every_days ? `every ${every_days} days` : '',
    every_years && every_years > 1 ? `every ${every_years} years` : '',
    age,
    place === 'pot' ? 'in pots' : place === 'ground' ? 'in the ground' : '',
    thirst ? THIRST_WORDS[thirst] : '',
  ].filter(Boolean);
  return parts.length > 0 ? `, ${parts.join(', ')}` : '';
}

const ordinal = (n: number) => `its ${['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh'][n - 1] ?? `${n}th`}`;

/** How it is done, its steps as sentences. */
export const ruleHow = ({ how }: Pick<Care, 'how'>, units: Units): string =>
  how
    .split('|')
    .filter(Boolean)
    .map((step) => `${inUnitsOf(step, units)}.`)
    .join(' ');

/** The steps of a task as sentences, in the units chosen. */
export const stepSentences = ({ steps }: Pick<Task, 'steps'>, units: Units): string[] =>
  steps.map((step) => `${sentence(inUnitsOf(step, units))}.`);

const TAG_WORDS: Record<string, string> = {
  'cool-grass': 'a cool-season grass',
  'warm-grass': 'a warm-season grass',
  'half-shrub': 'a half-shrub',
  'no-hard-cut': 'not to be cut into old wood',
  'hard-cut': 'cut hard in late winter',
  taproot: 'on a taproot',
  'late-riser': 'late to rise',
  'dry-summer': 'of dry summers',
  desert: 'of the desert',
  heaves: 'lifted by frost when young',
  'sharp-drainage': 'of sharp drainage',
  'wet-foot': 'of wet ground',
  'short-day': 'flowering with the short days',
  tall: 'tall',
  evergreen: 'evergreen',
  climber: 'a climber',
  'spring-bulb': 'a bulb of spring',
  ephemeral: 'asleep by midsummer',
  'old-wood': 'flowering on last year’s wood',
  'summer-shrub': 'a shrub of summer',
  edge: 'at the edge of its cold',
  'tender-pot': 'tender in a pot here',
  'shed-pot': 'too tender for a winter in its pot',
  'hardy-pot': 'hardy in its pot',
};
