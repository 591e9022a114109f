import { bloomParts } from '../almanac/bloom/planting-bloom';
import { nectarOfFlower, drinksNectar } from '../match/nectar';
import { averageDay, dayNumber, yearOf, type DayNumber } from '../model/days';
import type { Planting } from '../model/garden';
import { turnedTo } from '../model/half-month';
import type { Almanac, PlantHere, TargetHere } from '../model/here';
import type { EntryFields } from '../model/log';
import { SETTINGS } from '../settings';
import { calculatedEnds } from './dates';
import type { LogBook } from './book';
import { fliesAbout } from './marks';

/** A sighting or a note that is likely today, to be written down with one press. */
export type EntryOffer = Pick<EntryFields, 'what' | 'of' | 'doing' | 'plant' | 'site_id' | 'planting_id'>;

export interface OfferPlace {
  almanac: Pick<Almanac, 'plants' | 'targets' | 'frosts'>;
  plantings: readonly Planting[];
  targets: readonly { target: string }[];
  book: LogBook;
  today: DayNumber;
}

/** Does a day of the year lie within days from one to another, `slack` days about them allowed? */
const within = (day: number, { from, to }: { from: number; to: number }, slack = 0): boolean =>
  [-365, 0, 365].some((turn) => day + turn >= from - slack && day + turn <= to + slack);

/** Plantings of this year that stand in the ground. */
function standing({ plantings, today }: OfferPlace): Planting[] {
  const year = yearOf(today);
  return plantings.filter((row) => row.state === 'in-ground' && (row.planted_year ?? year) <= year);
}

/** Plantings in flower on a day, with their plants. */
export function inFlower(place: OfferPlace): { planting: Planting; here: PlantHere }[] {
  const day = averageDay(place.today);
  return standing(place).flatMap((planting) => {
    const here = place.almanac.plants.get(planting.plant);
    if (!here) return [];
    const spells = bloomParts(here, planting, place.almanac.frosts).flatMap((part) => part.spells);
    return spells.some((spell) => within(day, spell)) ? [{ planting, here }] : [];
  });
}

/** How often and how lately a creature was seen: more for the last weeks, less for these weeks of other years. */
function seenScore(of: string, { book, today }: OfferPlace): number {
  const { recent_d, about_d } = SETTINGS.log;
  let score = 0;
  for (const entry of book.about(of).slice(0, 200)) {
    const day = dayNumber(entry.on_day);
    if (day > today) continue;
    if (today - day <= recent_d) score += 2;
    else if (Math.abs(turnedTo(averageDay(day), averageDay(today)) - averageDay(today)) <= about_d) score += 0.5;
  }
  return Math.min(score, 8);
}

/** The flower that a creature is likely on: the one it was last seen on and that flowers now, else the richest for it. */
function flowerFor(here: TargetHere, flowers: ReturnType<typeof inFlower>, book: LogBook) {
  const last = book.about(here.target.id).find((entry) => entry.doing === 'nectaring' && entry.plant !== null);
  const again = flowers.find(({ planting }) => planting.plant === last?.plant);
  if (again) return again;
  const worth = (row: (typeof flowers)[number]) => nectarOfFlower(here.target, row.here.plant) * row.planting.count;
  const best = flowers.reduce<(typeof flowers)[number] | null>((a, b) => (a === null || worth(b) > worth(a) ? b : a), null);
  return best && worth(best) > 0 ? best : null;
}

/**
 * Sightings likely today, the likeliest first: adults that fly now on what flowers now, and caterpillars of chosen
 * creatures whose time it is on their planted hosts; what was seen lately and in these weeks of other years comes first.
 */
export function sightingOffers(place: OfferPlace): EntryOffer[] {
  const { almanac, targets, book } = place;
  const day = averageDay(place.today);
  const chosen = new Set(targets.map((row) => row.target));
  const flowers = inFlower(place);
  const grown = standing(place);
  const found: { offer: EntryOffer; score: number }[] = [];
  for (const here of almanac.targets.values()) {
    const of = here.target.id;
    const seen = seenScore(of, place);
    const score = seen + (chosen.has(of) ? 3 : 0) + (3 - here.occurrence.ease) * 0.5;
    if (score < 1) continue;
    if (fliesAbout(here, day)) {
      const on = drinksNectar(here.target) ? flowerFor(here, flowers, book) : null;
      const doing = on ? 'nectaring' : 'flying';
      const offer = {
        what: 'adult',
        of,
        doing,
        plant: on?.planting.plant ?? null,
        site_id: on?.planting.site_id ?? null,
        planting_id: null,
      } as const;
      found.push({ offer, score });
    }
    if (!chosen.has(of) || !here.larval.some((period) => within(day, period))) continue;
    const host = grown.find((row) => ['primary', 'accepted'].includes(here.hosts.get(row.plant)?.rank ?? ''));
    if (host)
      found.push({
        offer: { what: 'larva', of, doing: 'feeding', plant: host.plant, site_id: host.site_id, planting_id: null },
        score: score - 1.5,
      });
  }
  return found
    .sort((a, b) => b.score - a.score || (a.offer.of! < b.offer.of! ? -1 : 1))
    .slice(0, SETTINGS.log.offers)
    .map(({ offer }) => offer);
}

/** Notes of plants likely today: first flowers that are due and last ones, of plantings of which this year has none yet. */
export function plantOffers(place: OfferPlace): EntryOffer[] {
  const { almanac, book, today } = place;
  const day = averageDay(today);
  const year = String(yearOf(today));
  const found: { offer: EntryOffer; off: number }[] = [];
  const asked = new Set<string>();
  for (const row of standing(place)) {
    const here = almanac.plants.get(row.plant);
    const ends = here && (here.bloom ?? calculatedEnds(here));
    if (!ends || asked.has(row.plant)) continue;
    asked.add(row.plant);
    const noted = (what: EntryFields['what']) =>
      book.about(row.plant).some((entry) => entry.what === what && entry.on_day.startsWith(year));
    const offer = (what: 'first-flower' | 'last-flower', end: number) => {
      const off = day - turnedTo(end, day);
      if (noted(what) || Math.abs(off) > SETTINGS.log.due_d) return;
      const { plant, site_id, id } = row;
      found.push({ offer: { what, of: plant, doing: null, plant: null, site_id, planting_id: id }, off: Math.abs(off) });
    };
    offer('first-flower', ends.from);
    if (noted('first-flower')) offer('last-flower', ends.to);
  }
  return found
    .sort((a, b) => a.off - b.off)
    .slice(0, SETTINGS.log.offers)
    .map(({ offer }) => offer);
}
