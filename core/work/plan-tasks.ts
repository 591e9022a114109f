import { dayInYear } from '../model/days';
import { dayOfMonthDay } from '../model/half-month';
import type { PlantHere } from '../model/here';
import type { Planting } from '../model/garden';
import { isWoody } from '../model/vocabulary';
import type { MeasuredSite } from '../place/survey/measured';
import { isTender, plantingWindow, rootingDays } from '../raise/out';
import { SETTINGS } from '../settings';
import type { YearDays } from '../almanac/anchors';
import { heeded } from './care-tasks';
import { isGrowing, type Task, type WorkInput } from './task';
import type { YoungOn } from './young';

/** Days about a day that was chosen for a sowing or a cut. */
const ABOUT_d = 7;

const BLANK = {
  feature: null,
  every: null,
  amounts: [],
  tools: '',
  title: null,
  young: [],
  heed: 'none',
  holds: [],
  rule: null,
} as const;

/** A task begun, to be filled in. */
export function begun(
  given: Pick<Task, 'key' | 'action' | 'source' | 'site_id' | 'from' | 'until' | 'steps' | 'why'> & Partial<Task>,
): Task {
  return {
    ...BLANK,
    plantings: [],
    plants: [],
    minutes: 0,
    ...given,
    amounts: [...(given.amounts ?? [])],
    young: given.young ?? [],
    holds: given.holds ?? [],
  };
}

/** Is it an annual that is sown where it is to grow? */
export const isSownInPlace = ({ sowing }: Pick<PlantHere, 'sowing'>, { sow_on }: Pick<Planting, 'sow_on'>): boolean =>
  sow_on !== null || (sowing !== null && !sowing.indoors);

/** What the plan and its timing ask for in a year: to plant or sow what is planned, and the cuts that were timed. */
export function planTasks(
  { plantings, almanac, sites, garden, raising }: WorkInput,
  days: YearDays,
  youngOn: (here: PlantHere) => readonly YoungOn[],
): Task[] {
  const { year } = days;
  const siteOf = new Map(sites.map((site) => [site.id, site]));
  // What is raised at home is planted out when it is large enough: the batch says when.
  const raised = new Set(raising.input.batches.filter((row) => !row.ended && row.begun_on !== null).map((row) => row.plant));
  const found = new Map<string, Task>();
  const on = (day: number) => dayInYear(year, day);
  for (const planting of plantings) {
    const here = almanac.plants.get(planting.plant);
    const site = siteOf.get(planting.site_id);
    if (!here || !site) continue;
    const { plant } = here;
    if (planting.state === 'planned' || planting.state === 'on-order') {
      if (raised.has(plant.id)) continue;
      if (isSownInPlace(here, planting)) {
        const day = planting.sow_on ? dayOfMonthDay(planting.sow_on) : here.sowing!.usual;
        add(
          begun({
            key: `${year} sow ${plant.id} ${site.id}`,
            action: 'sow',
            source: planting.sow_on ? 'season' : 'plan',
            site_id: site.id,
            from: on(day - 3),
            until: on(day + ABOUT_d * 2),
            steps: ['Rake fine, sow thin, press', 'Label it, and keep it moist until it is up'],
            why: planting.sow_on
              ? 'The day you chose, so that it flowers or is in leaf when it is wanted.'
              : 'Its usual day here, counted from the last frost.',
            minutes: SETTINGS.work.minutes.sow,
          }),
          planting,
        );
        continue;
      }
      const window = plantingWindow(here, days, { halfZone: garden.half_zone, yearClass: raising.place.yearClass });
      const tender = isTender(here, garden.half_zone);
      add(
        begun({
          key: `${year} plant ${site.id} ${tender ? 'tender' : window.from}${!tender && isWoody(plant) ? ' woody' : ''}`,
          action: 'plant',
          source: 'plan',
          site_id: site.id,
          from: on(window.from),
          until: on(window.to),
          steps: plantingSteps(site),
          why: tender
            ? 'It roots in warm ground: not before the last frost.'
            : `Until then it has ${rootingDays(plant)} days to root before the first frost. Later it stays in its pot, under cover, until spring.`,
        }),
        planting,
        SETTINGS.work.minutes[isWoody(plant) ? 'plantWoody' : 'plant'],
      );
    } else if (isGrowing(planting) && planting.cut) {
      const day = dayOfMonthDay(planting.cut.on);
      const cut = heeded('cut-third', { from: day, to: day }, youngOn(here))!;
      const task = begun({
        key: `${year} cut ${plant.id} ${site.id}`,
        action: 'cut',
        source: 'season',
        site_id: site.id,
        from: on(day - 2),
        until: on(day + ABOUT_d),
        tools: 'shears',
        steps: ['By a third, above live buds', 'Water after it, if it is dry'],
        why: 'Timed for a second bloom where the season has a gap.',
        heed: cut.heed,
        young: cut.young.map(({ target, stage }) => ({ target: target.target.id, plant: plant.id, stage })),
        minutes: SETTINGS.work.minutes.cut * planting.cut.count,
      });
      add(task, { ...planting, count: planting.cut.count });
    }
  }
  return [...found.values()];

  function add(task: Task, { id, plant, count }: Planting, minutesEach = 0) {
    const known = found.get(task.key) ?? task;
    found.set(task.key, known);
    known.plantings.push(id);
    known.plants.push({ plant, count });
    known.minutes += minutesEach * count;
  }
}

/** How a plant goes into its place: most want nothing but loosened ground. */
function plantingSteps({ kind }: MeasuredSite): string[] {
  return kind === 'container'
    ? [
        'Soak the root ball; part three in one pot',
        'Tallest first, then those at the rim; a finger of room for water',
        'Label it',
      ]
    : [
        'Soak the root ball; tease or cut roots that run in circles, unless it resents it',
        'Level with the soil, the earth put back in two lifts and firmed, a basin for water',
        'Mulch off the stems; label it',
      ];
}
