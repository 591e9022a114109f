import type { PlantHere, TargetHere, OwnWindow, LarvalPeriod } from '../model/here';
import { bloomParts, type BloomPart } from '../almanac/bloom/planting-bloom';
import type { DayWindow } from '../model/half-month';
import type { CoverageInput } from '../coverage/coverage';
import { standsOf } from '../coverage/stands';
import { ageShare } from '../match/quantities';
import type { Coverage } from '../coverage/types';
import type { Planting } from '../model/garden';
import { grewIn } from '../model/states';

export const CALENDAR_GROUPS = ['bed', 'form', 'target'] as const;
export type CalendarGroup = (typeof CALENDAR_GROUPS)[number];

/** When a target flies and its larvae feed. */
export interface FlightRow {
  here: TargetHere;
  flight: DayWindow;
  larval: LarvalPeriod[];
  /** Settled by what the gardener saw. */
  own: boolean;
}

/** Where a planting stands in the year shown. */
type PlantingAge = 'grown' | 'young' | 'not-flowering' | 'not-planted' | 'gives-nothing';

/** When a planting flowers and bears leaf. */
export interface BloomRow {
  planting: Planting;
  here: PlantHere;
  parts: BloomPart[];
  /** In leaf, where it is a host of a chosen target. */
  foliage: DayWindow | null;
  hostOf: string[];
  age: PlantingAge;
  /** Settled by what the gardener saw. */
  own: boolean;
  /** First day in flower; Infinity for what does not flower. */
  first: number;
}

interface CalendarSection {
  /** Site, flower form or target, by id. */
  of: string;
  rows: BloomRow[];
}

export interface SeasonCalendar {
  flights: FlightRow[];
  sections: CalendarSection[];
}

/** Do the gardener's dates count in it? */
const isSettled = (own: Pick<OwnWindow, 'first' | 'last'> | undefined) =>
  (own?.first?.weight ?? 0) > 0 || (own?.last?.weight ?? 0) > 0;

/**
 * The year of a garden day by day: the flight and larval periods of its targets, and the bloom and foliage of its
 * plantings, in sections by bed, by flower form or by the target they serve, those that flower first before the others.
 * Which year, and what the plantings are in it, is `input.year`; whom a planting serves is read from `covered`.
 */
export function seasonCalendar(input: CoverageInput, covered: Coverage, by: CalendarGroup): SeasonCalendar {
  const { almanac, year } = input;
  const chosen = input.targets.flatMap(({ target }) => almanac.targets.get(target) ?? []);
  const { stands, faults } = standsOf(input);
  const standOf = new Map(stands.map((stand) => [stand.id, stand]));
  const faulty = new Set(faults.map((fault) => fault.planting));
  const ageOf = (planting: Planting): PlantingAge => {
    const stand = standOf.get(planting.id);
    if (faulty.has(planting.id) || !stand) return 'gives-nothing';
    if (year === null) return 'grown';
    if (stand.vigour === 0) return 'not-planted';
    if (!stand.flowers && stand.here.bloom) return 'not-flowering';
    return planting.planted_year !== null && ageShare(stand.here.plant.kind, year - planting.planted_year) === 1
      ? 'grown'
      : 'young';
  };
  const rows = input.plantings
    .filter((planting) => grewIn(planting, year) && almanac.plants.has(planting.plant))
    .map((planting): BloomRow => {
      const here = almanac.plants.get(planting.plant)!;
      const parts = bloomParts(here, planting, almanac.frosts);
      const hostOf = chosen
        .filter(({ hosts }) => hosts.has(planting.plant) && hosts.get(planting.plant)!.rank !== 'trap')
        .map(({ target }) => target.id);
      const own = here.bloomSteps?.own;
      return {
        planting,
        here,
        parts,
        foliage: hostOf.length > 0 ? here.foliage : null,
        hostOf,
        age: ageOf(planting),
        own: isSettled(own),
        first: Math.min(Infinity, ...parts.flatMap((part) => part.spells.map((spell) => spell.from))),
      };
    })
    .sort((a, b) => a.first - b.first || a.here.plant.common.localeCompare(b.here.plant.common));
  const sections = new Map<string, BloomRow[]>();
  const put = (of: string, row: BloomRow) => sections.set(of, [...(sections.get(of) ?? []), row]);
  if (by === 'target') {
    for (const { target, needs } of covered.targets) {
      // Nearly every plant lends some shelter: it is leaf and flowers that a planting is there for.
      const fed = needs.filter((row) => row.need.stage !== 'shelter');
      const serving = new Set(fed.flatMap((need) => need.cells.flatMap((cell) => cell.contributions.map((c) => c.planting))));
      for (const row of rows) if (serving.has(row.planting.id)) put(target, row);
    }
    const served = new Set([...sections.values()].flat());
    for (const row of rows) if (!served.has(row)) put('', row);
  } else for (const row of rows) put(by === 'bed' ? row.planting.site_id : row.here.plant.flower_form, row);
  const order = by === 'bed' ? input.sites.map((site) => site.id) : null;
  return {
    flights: chosen.map((here) => ({
      here,
      flight: here.flight,
      larval: here.larval,
      own: isSettled(here.flightSteps.own),
    })),
    sections: [...sections]
      .map(([of, rows]) => ({ of, rows }))
      .sort((a, b) =>
        order ? order.indexOf(a.of) - order.indexOf(b.of) : by === 'form' ? a.rows[0]!.first - b.rows[0]!.first : 0,
      ),
  };
}
