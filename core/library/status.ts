import type { StatusHere } from '../model/here';
import { ANYWHERE, type PlantStatus } from '../model/reference';

/** Is a status a listing that forbids: invasive or noxious? */
export const isListed = (status: string) => status === 'invasive' || status === 'noxious';

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
 * The status of a plant in a place, from its rows for the region and for the state or province: the strictest
 * wins. Where there is none, its row for anywhere; a plant with no row at all counts as introduced, to be checked.
 */
export function statusHere(rows: readonly PlantStatus[], region: string, jurisdiction: string | null): StatusHere {
  let strictest: PlantStatus | null = null;
  let anywhere: PlantStatus | null = null;
  for (const row of rows) {
    if (row.place === ANYWHERE) anywhere = row;
    if (row.place !== region && row.place !== jurisdiction) continue;
    if (!strictest || WEIGHT[row.status] > WEIGHT[strictest.status]) strictest = row;
  }
  const row = strictest ?? anywhere;
  const status = row?.status ?? 'introduced';
  return { status, native: status === 'native' || status === 'protected', row };
}
