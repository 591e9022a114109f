import type { GardenFields } from '../model/garden';
import type { StatusHere } from '../model/here';
import type { Occurrence, PlantStatus } from '../model/reference';
import { ANYWHERE } from '../model/tables';
import { isInZones } from '../place/climate/zones';

/** Is a status a listing that forbids: invasive or noxious? */
export const isListed = (status: string) => status === 'invasive' || status === 'noxious';

/** Is a plant never spread where it has this status: listed there, or listed elsewhere and not known to be harmless there? */
export const isBarred = ({ status, listedIn, offered }: Pick<StatusHere, 'status' | 'listedIn' | 'offered'>): boolean =>
  isListed(status) || (listedIn.length > 0 && !offered);

/** Does a creature live or breed where it has this occurrence, or come through every year? Strays and guests of winter do not. */
export const isAtHome = ({ status }: Pick<Occurrence, 'status'>): boolean => status === 'resident' || status === 'migrant';

/** Listings that forbid come first: one such row decides, whatever a wider one says. */
const WEIGHT: Record<PlantStatus['status'], number> = {
  noxious: 5,
  invasive: 4,
  protected: 3,
  native: 2,
  naturalised: 1,
  introduced: 0,
};

/**
 * The status of a plant in a garden, from its rows for the region and for the state or province: the strictest
 * wins. Where there is none, its row for the garden's half-zone, as for what every winter there ends; else its row for
 * anywhere. But what is listed invasive or noxious in any place is not taken to be harmless in another for a row about
 * anywhere: it counts as unrecorded there (`row` null), and `listedIn` says where it is listed; nor is it offered
 * where it has run wild, nor, in a garden whose state is not known, where one of the `states` of its region lists it. A
 * plant with no row at all counts as introduced, to be checked.
 */
export function statusHere(
  rows: readonly PlantStatus[],
  { region, jurisdiction, half_zone }: Pick<GardenFields, 'region' | 'jurisdiction' | 'half_zone'>,
  states: ReadonlySet<string> = new Set(),
): StatusHere {
  let strictest: PlantStatus | null = null;
  let zoned: PlantStatus | null = null;
  let anywhere: PlantStatus | null = null;
  const listedIn: string[] = [];
  for (const row of rows) {
    if (isListed(row.status)) listedIn.push(row.place);
    if (row.place === ANYWHERE) anywhere = row;
    if (isInZones(row.place, half_zone)) zoned = row;
    if (row.place !== region && row.place !== jurisdiction) continue;
    if (!strictest || WEIGHT[row.status] > WEIGHT[strictest.status]) strictest = row;
  }
  const row = strictest ?? zoned ?? (listedIn.length > 0 && !isListed(anywhere?.status ?? '') ? null : anywhere);
  const status = row?.status ?? 'introduced';
  const native = status === 'native' || status === 'protected';
  const ranWild = status === 'naturalised' && listedIn.length > 0;
  const perhapsListed = !native && jurisdiction === null && listedIn.some((place) => states.has(place));
  return { status, native, row, listedIn, offered: row !== null && !ranWild && !perhapsListed };
}
