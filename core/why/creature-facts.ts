import { lightShare, patchShare } from '../coverage/gives/host';
import { ADMISSIBLE, feeds } from '../library/hosts';
import { onTheWing } from '../almanac/flight';
import { dayNumber } from '../model/days';
import type { Entry } from '../model/log';
import type { FlightHere, TargetHere } from '../model/here';
import { isWoody } from '../model/vocabulary';
import { zoneIndex } from '../place/climate/zones';
import { nectarOfFlower } from '../match/nectar';
import { SETTINGS } from '../settings';
import { isGrowing } from '../work/task';
import { thereOn } from '../work/young';
import { against, lately } from './plant-facts';
import { NO, type Finding } from './finding';
import type { Subject } from './subject';

const S = SETTINGS.why;

const about = ({ creature }: Subject, test: (creature: TargetHere) => Finding): Finding => (creature ? test(creature) : NO);

/** Plantings and trees about of which the larvae of a creature eat, by rank. */
function hostsIn({ input }: Subject, creature: TargetHere, ranks: ReadonlySet<string | undefined>) {
  const { plantings, sites, almanac } = input.work.input;
  return plantings.flatMap((planting) => {
    const host = creature.hosts.get(planting.plant);
    const site = sites.find((row) => row.id === planting.site_id);
    const here = almanac.plants.get(planting.plant);
    return host && site && here && ranks.has(host.rank) ? [{ planting, host, site, here }] : [];
  });
}
/** Those that grow now. */
const hosts = (subject: Subject, creature: TargetHere, ranks: ReadonlySet<string | undefined> = ADMISSIBLE) =>
  hostsIn(subject, creature, ranks).filter((row) => isGrowing(row.planting));
const treesAbout = ({ input }: Subject, { hosts: rows }: TargetHere) => input.around.filter((row) => feeds(rows, row.plant));
const TRAPS: ReadonlySet<string | undefined> = new Set(['trap']);

/** How far what grows of its hosts makes one patch that a laying female finds; 1: one. */
function patchOf(subject: Subject, creature: TargetHere): number {
  const known = subject.covered?.needs.find((row) => row.need.stage === 'host')?.patch;
  if (known !== null && known !== undefined) return known;
  return hosts(subject, creature).reduce(
    (sum, { planting, here }) => sum + planting.count * patchShare(here.plant, creature.target.patch_plants),
    0,
  );
}

/** The parts of its year in which a creature is on the wing about this day. */
const partsNow = ({ average }: Subject, { flights }: TargetHere): FlightHere[] =>
  flights.filter((row) => onTheWing(row) && thereOn(row.window, average));

/** Kinds in bloom in this half-month from which it drinks. */
function drinksNow({ input, halfMonth }: Subject, { target }: TargetHere): string[] {
  const { plantings, almanac } = input.work.input;
  const kinds = new Set<string>();
  const standing = [...plantings.filter(isGrowing), ...input.around];
  for (const { plant } of standing) {
    const here = almanac.plants.get(plant);
    if (here && here.bloomShares[halfMonth]! >= SETTINGS.nectar.inBloomShare && nectarOfFlower(target, here.plant) > 0)
      kinds.add(here.plant.id);
  }
  return [...kinds];
}

const sawIt = (subject: Subject, days: number, whats: readonly Entry['what'][]) =>
  lately(subject, days, (entry) => entry.of === subject.creature?.target.id && whats.includes(entry.what));
const seen = (subject: Subject, days: number, whats: readonly Entry['what'][]): Finding => {
  const [last] = sawIt(subject, days, whats);
  return last ? { is: true, of: { on: last.on_day } } : NO;
};

const flying = (subject: Subject): Finding =>
  about(subject, (creature) => ({
    is: creature.flightHalfMonths.includes(subject.halfMonth),
    of: { from: creature.flight.from, to: creature.flight.to },
  }));

/** Facts of a creature in this garden: its hosts, its flowers, its year, and what was seen of it. */
export const CREATURE_OWN_FACTS = {
  'no-host-here': (subject: Subject) =>
    about(subject, (creature) => ({
      is:
        creature.target.kind !== 'hummingbird' &&
        hosts(subject, creature).length === 0 &&
        treesAbout(subject, creature).length === 0,
    })),
  'host-here': (subject: Subject) =>
    about(subject, (creature) => {
      const standing = hosts(subject, creature);
      const plant = standing[0]?.planting.plant ?? treesAbout(subject, creature)[0]?.plant;
      return plant === undefined ? NO : { is: true, of: { plant } };
    }),
  'host-few': (subject: Subject) =>
    about(subject, (creature) => {
      const standing = hosts(subject, creature);
      if (standing.length === 0 || treesAbout(subject, creature).length > 0) return NO;
      const patch = patchOf(subject, creature);
      return { is: patch < 1, of: { plants: standing.reduce((sum, row) => sum + row.planting.count, 0), patch } };
    }),
  'host-lost': (subject: Subject) =>
    about(subject, (creature) => {
      const lost = hostsIn(subject, creature, ADMISSIBLE).find(
        ({ planting }) => planting.lost_year !== null && planting.lost_year >= subject.year - 1,
      );
      return lost ? { is: true, of: { plant: lost.planting.plant } } : NO;
    }),
  'host-wrong-light': (subject: Subject) =>
    about(subject, (creature) => {
      const standing = hosts(subject, creature);
      const dim = standing.filter(({ host, site }) => lightShare(host.light, site) < S.wrongLight);
      const [first] = dim;
      return first && dim.length === standing.length
        ? { is: true, of: { plant: first.planting.plant, light: first.host.light, sun_h: first.site.sun_h } }
        : NO;
    }),
  'host-young': (subject: Subject) =>
    about(subject, (creature) => {
      const standing = hosts(subject, creature);
      return {
        is: standing.length > 0 && standing.every(({ planting }) => planting.planted_year === subject.year),
        of: { year: subject.year },
      };
    }),
  'host-bought': (subject: Subject) =>
    about(subject, (creature) => {
      const bought = hosts(subject, creature).find(
        ({ planting }) =>
          planting.planted_year !== null &&
          planting.planted_year >= subject.year - 1 &&
          (planting.source !== '' || (planting.cost_minor ?? 0) > 0) &&
          !subject.input.batches.some((row) => row.plant === planting.plant),
      );
      return bought ? { is: true, of: { plant: bought.planting.plant, source: bought.planting.source } } : NO;
    }),
  'trap-here': (subject: Subject) =>
    about(subject, (creature) => {
      const [trap] = hosts(subject, creature, TRAPS);
      return trap ? { is: true, of: { plant: trap.planting.plant } } : NO;
    }),
  'leaf-short': ({ covered }: Subject) => {
    const need = covered?.needs.find((row) => row.need.stage === 'host');
    return { is: need !== undefined && need.verdict !== 'closed' && need.limit === 'amount' };
  },
  'evergreen-milkweed': (subject: Subject) =>
    about(subject, (creature) => {
      const { half_zone } = subject.input.work.input.garden;
      const milkweed = hosts(subject, creature).find(({ here }) => EVERGREEN.test(here.plant.scientific));
      return milkweed && zoneIndex(half_zone) >= zoneIndex(S.evergreenFrom)
        ? { is: true, of: { plant: milkweed.planting.plant } }
        : NO;
    }),
  'nectar-gap': (subject: Subject) => about(subject, (creature) => ({ is: drinksNow(subject, creature).length === 0 })),
  'nectar-now': (subject: Subject) =>
    about(subject, (creature) => {
      const kinds = drinksNow(subject, creature);
      return { is: kinds.length > 0, of: { plant: kinds[0] ?? '', more: kinds.length - 1 } };
    }),
  'no-perch': ({ input }: Subject) => {
    const { sites, things, plantings, almanac } = input.work.input;
    const offered = sites.some((site) => site.features.includes('perch') || site.features.includes('dense-cover'));
    const standing = things.some((row) => row.kind === 'tree' || row.kind === 'shrub') || input.around.length > 0;
    const woody = plantings.some((row) => {
      const plant = isGrowing(row) ? almanac.plants.get(row.plant)?.plant : undefined;
      return plant !== undefined && isWoody(plant);
    });
    return { is: !offered && !standing && !woody };
  },
  'feeder-here': ({ input }: Subject) => ({ is: input.work.input.sites.some((site) => site.features.includes('feeder')) }),
  'not-flying': (subject: Subject) => {
    const finding = flying(subject);
    return subject.creature ? { ...finding, is: !finding.is } : NO;
  },
  flying,
  'flight-begins': (subject: Subject) =>
    about(subject, (creature) => {
      const since = subject.average - creature.flight.from;
      return { is: since >= -S.about_d && since <= S.flightEdge_d, of: { from: creature.flight.from } };
    }),
  'flight-ends': (subject: Subject) =>
    about(subject, (creature) => {
      const left = (creature.flight.to - subject.average + 365) % 365;
      const over = against(creature.flight, subject.average);
      return { is: left <= S.flightEdge_d || (over < 0 && over >= -S.about_d), of: { to: creature.flight.to } };
    }),
  'passing-through': (subject: Subject) =>
    about(subject, (creature) => {
      const now = partsNow(subject, creature);
      const parts = now.length > 0 ? now : creature.flights;
      return { is: parts.length > 0 && parts.every(({ part }) => part === 'passage' || part === 'return') };
    }),
  'not-laying': (subject: Subject) =>
    about(subject, (creature) => {
      const now = partsNow(subject, creature);
      return { is: now.length > 0 && now.every(({ laying }) => !laying) };
    }),
  'seldom-here': (subject: Subject) =>
    about(subject, ({ occurrence }) => ({
      is: occurrence.status === 'rare' || occurrence.status === 'visitor',
      of: { status: occurrence.status },
    })),
  shy: (subject: Subject) => about(subject, ({ occurrence }) => ({ is: occurrence.ease === 3 })),
  'winters-as-pupa': (subject: Subject) => about(subject, ({ wintering }) => ({ is: wintering.as === 'pupa' })),
  'winters-as-larva': (subject: Subject) => about(subject, ({ wintering }) => ({ is: wintering.as === 'larva' })),
  'larvae-grown': (subject: Subject) => {
    const grown = sawIt(subject, S.about_d, ['larva']).find(({ size }) => size === '5' || size === 'full-grown');
    return grown ? { is: true, of: { on: grown.on_day } } : NO;
  },
  'eggs-seen': (subject: Subject) => seen(subject, S.season_d, ['eggs', 'laying']),
  'eggs-fresh': (subject: Subject) => {
    const all = sawIt(subject, S.season_d, ['eggs', 'laying']);
    const first = all.at(-1);
    // Since the first of them: older ones ought to have hatched.
    return first ? { is: subject.today - dayNumber(first.on_day) <= S.hatch_d, of: { on: first.on_day } } : NO;
  },
  'released-lately': (subject: Subject) => {
    const [last] = lately(subject, S.released_d, (entry) => entry.what === 'released');
    return last ? { is: true, of: { on: last.on_day, called: last.called } } : NO;
  },
  'little-looked': (subject: Subject) => {
    const days = new Set(lately(subject, S.looked_d, () => true).map((row) => row.on_day)).size;
    return { is: days < S.looks, of: { days, of: S.looked_d } };
  },
} satisfies Record<string, (subject: Subject) => Finding>;

/** Milkweeds that keep their leaf where no frost takes it. */
const EVERGREEN = /^(Asclepias curassavica|Gomphocarpus|Calotropis)/;
