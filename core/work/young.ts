import { ADMISSIBLE } from '../library/hosts';
import type { Almanac, PlantHere, TargetHere } from '../model/here';
import { isWoody } from '../model/vocabulary';
import { SETTINGS } from '../settings';

/** Young of a creature on a plant, through some days of the year (beyond 365: into the next). */
export interface YoungOn {
  target: TargetHere;
  /** `feeding`: eggs and larvae on its leaf. `wintering`: on or in the plant itself. `below`: in the litter and stems about it. */
  stage: 'feeding' | 'wintering' | 'below';
  from: number;
  to: number;
}

/** The days from the last larva of a year to the first adult of the next. */
function winterOf({ larval, flight }: TargetHere): { from: number; to: number } | null {
  const last = larval.filter((period) => period.brood > 0).at(-1);
  if (!last) return null;
  const spring = larval.find((period) => period.brood === 0);
  const ends = spring ? spring.from : flight.from;
  return { from: last.to + 1, to: (ends <= last.to ? ends + 365 : ends) - 1 };
}

/**
 * Whose young are on a plant and when: eggs and larvae of every creature that grows up on it here (of those not chosen
 * only where it is their primary host, and they are at home here), what winters on the plant itself, and what winters in the stems and litter about it.
 */
export function youngOn(
  { plant }: Pick<PlantHere, 'plant'>,
  almanac: Pick<Almanac, 'targets'>,
  chosen: ReadonlySet<string>,
): YoungOn[] {
  const found: YoungOn[] = [];
  for (const here of almanac.targets.values()) {
    const host = here.hosts.get(plant.id);
    const isChosen = chosen.has(here.target.id);
    const minded = isChosen || (host?.rank === 'primary' && here.occurrence.status !== 'introduced');
    const hosted = host && ADMISSIBLE.has(host.rank) && minded;
    if (hosted)
      for (const { brood, from, to } of here.larval)
        // Larvae of last year's eggs are there already.
        found.push({ target: here, stage: 'feeding', from: brood === 0 ? from : from - SETTINGS.work.eggs_d, to });
    const { as, in: place } = here.wintering;
    if (as === 'none-migrates' || as === 'adult' || as === 'all-year') continue;
    const winter = winterOf(here);
    if (!winter) continue;
    if (hosted && place === 'host') found.push({ target: here, stage: 'wintering', ...winter });
    if (isChosen && (place === 'stems' ? hangsOn(plant) : place === 'litter'))
      found.push({ target: here, stage: 'below', ...winter });
  }
  return found;
}

/** Is its dead stem tall enough to hang a chrysalis on? */
const hangsOn = (plant: PlantHere['plant']) => !isWoody(plant) && plant.height_max_cm >= SETTINGS.shelter.stemCm;

/** Are the young there on a day of the year (1–365, or beyond)? */
export function thereOn({ from, to }: Pick<YoungOn, 'from' | 'to'>, day: number): boolean {
  for (const turn of [-365, 0, 365]) if (day + turn >= from && day + turn <= to) return true;
  return false;
}

/** The first day from `day` to `until` on which none of the young is there; null where some are on every one. */
export function freeDay(young: readonly YoungOn[], day: number, until: number): number | null {
  for (let at = day; at <= until; at++) if (!young.some((row) => thereOn(row, at))) return at;
  return null;
}
