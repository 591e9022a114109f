import { recordsOfNew } from '../../core/garden/from-file';
import { gardenHere } from '../../core/garden/here';
import { regionalGarden } from '../../core/library/regional-garden';
import type { Planting, Site } from '../../core/model/garden';
import { PLANNED } from '../../core/model/states';
import type { Library } from '../../core/model/reference';
import { FRESH_WISHES } from '../../core/model/fresh-wishes';
import { FRESH_SITE } from '../../core/place/yard/fresh';
import type { PlanQuestion } from '../../core/plan/planner/question';
import type { WorkedGarden } from './gardens';

/** What is asked for a worked garden. Throws a RangeError where it names a creature or plant that is not there. */
export function questionFor(worked: WorkedGarden, library: Library): PlanQuestion {
  const idOf = (name: string) => name.toLowerCase().replaceAll(/[^a-z0-9]+/g, '-');
  const records = recordsOfNew({
    ...regionalGarden(library, worked.region),
    ...worked.garden,
    name: worked.name,
    money: { currency: 'USD', prices: {}, sizes: {}, raises: worked.raises ?? false },
  });
  const sites = worked.sites.map((row): Site => ({ ...FRESH_SITE, revision: 0, ...row, id: idOf(row.name) }));
  const targets = worked.targets.split(' ').map((word, i) => ({
    id: word,
    revision: 0,
    target: word.replace('~', ''),
    ambition: word.startsWith('~') ? ('visits' as const) : ('breeds' as const),
    priority: 1 + Math.min(2, Math.floor(i / 3)),
  }));
  const plantings = (worked.stays ?? []).map(({ site, ...row }, i): Planting => ({
    ...PLANNED,
    id: `stays-${i}`,
    revision: 0,
    plan_id: 'plan',
    state: 'in-ground',
    planted_year: 1990,
    stays: true,
    ...row,
    site_id: idOf(site),
  }));
  const garden = gardenHere({ ...records, sites, targets, plantings }, library);
  for (const { target } of targets)
    if (!garden.almanac.targets.has(target)) throw new RangeError(`${worked.name}: ${target} does not occur there.`);
  const wishes = { ...FRESH_WISHES, ...worked.wishes };
  return garden.questionOf({
    ...wishes,
    here: wishes.here.map((row) => ({ ...row, site: idOf(row.site) })),
    tallest_cm: Object.fromEntries(Object.entries(wishes.tallest_cm).map(([site, cm]) => [idOf(site), cm])),
  });
}
