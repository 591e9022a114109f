import type { SiteFields } from '../../model/garden';
import { freshBed, type RegionSoil } from './fresh';

/** What a bed is said to be like, in four answers; whatever was not asked is as usual in the region. */
export interface BedAnswers {
  area_m2: number;
  sun: keyof typeof SUN_ANSWERS;
  soil: SoilAnswer;
  wet: WetAnswer;
}
type SoilAnswer = 'usual' | SiteFields['texture'];
export type WetAnswer = keyof typeof WET_ANSWERS;

/** Grounds that people know by sight (m²): a door laid down, a double bed, a parking space, a living room, a classroom. */
export const KNOWN_AREAS = { door: 1.6, 'double-bed': 3, 'parking-space': 12, 'living-room': 20, classroom: 60 } as const;

/** Direct sun in summer, as it is said. Judgement: the middle of what each word covers. */
export const SUN_ANSWERS = {
  'all-day': { sun_h: 9, sun_when: 'all-day' },
  morning: { sun_h: 5, sun_when: 'morning' },
  afternoon: { sun_h: 5, sun_when: 'afternoon' },
  little: { sun_h: 3, sun_when: 'all-day' },
  shade: { sun_h: 1.5, sun_when: 'all-day' },
} as const satisfies Record<string, Pick<SiteFields, 'sun_h' | 'sun_when'>>;

/** How wet it stays, in the steps from 1 (dry) to 5 (wet). */
const WET_ANSWERS = { dry: 2, even: 3, damp: 4, wet: 5 } as const;

/** How a soil usually drains. */
const DRAINS = { sand: 'sharp', loam: 'well', clay: 'moderate' } as const satisfies Record<
  SiteFields['texture'],
  SiteFields['drainage']
>;

/** The answer that the region suggests. */
export const usualWet = (soil: RegionSoil): WetAnswer => (freshBed(soil).moisture <= WET_ANSWERS.dry ? 'dry' : 'even');

/** A bed from its four answers. Where water stands it drains as wet ground does, whatever it is made of. */
export function bedOf({ area_m2, sun, soil, wet }: BedAnswers, region: RegionSoil): SiteFields {
  const bed = freshBed(region);
  const own = soil === 'usual' ? {} : { texture: soil, drainage: DRAINS[soil] };
  return {
    ...bed,
    ...own,
    ...(wet === 'wet' ? { drainage: 'wet' } : {}),
    ...SUN_ANSWERS[sun],
    area_m2,
    moisture: WET_ANSWERS[wet],
    assumed: [
      ...(soil === 'usual' ? (['texture'] as const) : []),
      ...(soil === 'usual' && wet !== 'wet' ? (['drainage'] as const) : []),
      'ph',
    ],
  };
}
