import { HALF_MONTHS, shareOfHalfMonth } from '../model/half-month';
import type { PlantHere } from '../model/here';
import type { AutumnSchool } from '../model/vocabulary';

/** What a plant shows in a half-month: flowers, leaf, dry stems, bare wood, or nothing above the ground. */
type Look = 'flower' | 'leaf' | 'dry' | 'wood' | 'gone';

export interface Stature {
  look: Look;
  /** Share (0–1) of its mature height that stands, and of its full bloom that is open. */
  height: number;
  bloom: number;
}

/** Share of its height that stands when it comes up, and that stands of it dry in winter. */
const FROM = 0.15;
const DRY = 0.85;
/** The half-month in which dry stems are cut where they were left: the end of March. */
const CUT = 5;

/**
 * What stands of a plant in a half-month: wood always; a herb rises from its first leaf to its first flower (or for two months),
 * and stays as dry stems till spring where the garden leaves them standing, if it is not one of those that die down by summer.
 */
export function statureOf(
  {
    plant,
    bloomShares,
    foliageShares,
    foliage,
    bloom,
  }: Pick<PlantHere, 'plant' | 'bloomShares' | 'foliageShares' | 'foliage' | 'bloom'>,
  h: number,
  autumn: AutumnSchool,
): Stature {
  const open = bloomShares[h]!;
  const leafy = foliageShares[h]! > 0.25;
  const woody = plant.kind === 'tree' || plant.kind === 'shrub' || plant.kind === 'vine';
  const look: Look = open > 0.1 ? 'flower' : leafy ? 'leaf' : woody ? 'wood' : 'gone';
  if (woody) return { look, height: 1, bloom: open };
  if (look === 'gone') {
    const stands = plant.kind !== 'bulb' && foliage.to > 240 && autumn === 'leave' && (h < CUT || h > foliage.to / 15.2 - 1);
    return stands ? { look: 'dry', height: DRY, bloom: 0 } : { look, height: 0, bloom: 0 };
  }
  const rises = bloom && bloom.from > foliage.from ? bloom.from : foliage.from + 60;
  const middle = ((h + 0.5) * 365) / HALF_MONTHS;
  const day = middle < foliage.from ? middle + 365 : middle;
  const evergreen = shareOfHalfMonth(0, foliage.from, foliage.to) > 0.9;
  const risen = evergreen && look !== 'flower' ? 0.6 : Math.max(0, Math.min(1, (day - foliage.from) / (rises - foliage.from)));
  return { look, height: FROM + (1 - FROM) * (look === 'flower' ? 1 : risen), bloom: open };
}
