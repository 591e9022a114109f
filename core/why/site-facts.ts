import { DIMENSIONS, gradeOf, onePotOf, sunOver } from '../match/fit/dimensions';
import { areaUse } from '../match/quantities';
import { hostNames } from '../library/hosts';
import { zoneIndex } from '../place/climate/zones';
import { potZone } from '../place/containers/pots';
import { isSteep, neighboursOf } from '../place/yard/neighbours';
import type { SiteValue } from '../model/vocabulary';
import type { Plant } from '../model/reference';
import type { MeasuredSite } from '../place/survey/measured';
import { SETTINGS } from '../settings';
import { lacking, NO, type Finding, type Lack } from './finding';
import type { Subject } from './subject';

/** Half-months of September and October, whose low sun late flowers live on. */
const AUTUMN = [16, 17, 18, 19];
const WALNUTS = 'juglans';

/** A fact of the ground on which a plant stands: lacking where there is no site, or where nobody said or measured the value. */
function onGround({ here, site }: Subject, value: SiteValue, test: (plant: Plant, site: MeasuredSite) => Finding): Finding {
  if (!here) return NO;
  if (!site) return lacking('site');
  if (site.figures[value][0]?.assumed) return lacking(value as Lack);
  return test(here.plant, site);
}

/** Hours of sun where the plant stands in its bed, or of the whole bed. */
function sunOf({ input, planting }: Subject, site: MeasuredSite): number {
  return (planting && input.places.get(planting.id)?.sun_h) ?? site.sun_h;
}

const light = (subject: Subject, is: (sun_h: number, plant: Plant) => boolean): Finding =>
  onGround(subject, 'sun', (plant, site) => {
    const sun_h = sunOf(subject, site);
    return { is: is(sun_h, plant), of: { sun_h, min: plant.sun_min_h, max: plant.sun_max_h } };
  });

const ph = (subject: Subject, is: (ph: number, plant: Plant) => boolean): Finding =>
  onGround(subject, 'ph', (plant, site) =>
    site.kind === 'container' ? NO : { is: is(site.ph, plant), of: { ph: site.ph, min: plant.ph_min, max: plant.ph_max } },
  );

const moisture = (subject: Subject, is: (moisture: number, plant: Plant) => boolean): Finding =>
  onGround(subject, 'moisture', (plant, site) =>
    site.kind === 'container'
      ? NO
      : {
          is: is(site.moisture, plant),
          of: { moisture: site.moisture, min: plant.moisture_min, max: plant.moisture_max },
        },
  );

const atSite = ({ site }: Subject, test: (site: MeasuredSite) => Finding): Finding => (site ? test(site) : lacking('site'));

/** How much darker a bed has become than was said when it was drawn, or was watched. */
export function shadeCrept(site: MeasuredSite): { was: number; is: number } | null {
  const [now, ...earlier] = site.figures.sun;
  if (now?.source !== 'computed') return null;
  const before = earlier.find((row) => !row.assumed && row.weak !== true);
  const lost = before ? before.value.sun_h - now.value.sun_h : 0;
  return before && lost >= SETTINGS.why.crept_h ? { was: before.value.sun_h, is: now.value.sun_h } : null;
}

/** Facts of the ground, the light and what stands about. */
export const SITE_FACTS = {
  shade: (subject: Subject) => light(subject, (sun_h, plant) => sun_h < plant.sun_min_h),
  'light-right': (subject: Subject) =>
    light(subject, (sun_h, plant) => sun_h >= plant.sun_min_h && sun_h <= plant.sun_max_h + SETTINGS.fit.glare.easeH),
  'too-sunny': (subject: Subject) =>
    onGround(subject, 'sun', (plant, site) => {
      const sun_h = sunOf(subject, site);
      const { place } = subject.input.work.input.almanac;
      const lit = { ...site, sun_h };
      const over = sunOver(plant, lit) > 0 && gradeOf(DIMENSIONS.sun(plant, lit, place)) > 0;
      const glares = gradeOf(DIMENSIONS.sunTiming(plant, lit, place)) > 0;
      return { is: over || glares, of: { sun_h, max: plant.sun_max_h } };
    }),
  'dark-autumn': ({ input, site }: Subject) => {
    if (!site) return lacking('site');
    const hours = input.sunIn(site.id, AUTUMN);
    if (!hours) return lacking('sun');
    const sun_h = AUTUMN.reduce((sum, h) => sum + hours[h]!.before + hours[h]!.after, 0) / AUTUMN.length;
    return { is: sun_h < SETTINGS.light.shadeH, of: { sun_h } };
  },
  'shade-crept': (subject: Subject) =>
    atSite(subject, (site) => {
      const crept = shadeCrept(site);
      return crept ? { is: true, of: crept } : NO;
    }),
  'dry-site': (subject: Subject) => moisture(subject, (step, plant) => step < plant.moisture_min),
  'wet-site': (subject: Subject) => moisture(subject, (step, plant) => step > plant.moisture_max),
  'drains-badly': (subject: Subject) =>
    onGround(subject, 'drainage', (plant, site) => {
      const slow = gradeOf(DIMENSIONS.drainage(plant, site)) > 0;
      const heavy = plant.drainage === 'sharp' && gradeOf(DIMENSIONS.texture(plant, site)) > 0;
      return { is: slow || heavy, of: { drainage: site.drainage, wants: plant.drainage } };
    }),
  limy: (subject: Subject) => ph(subject, (value, plant) => value > plant.ph_max),
  sour: (subject: Subject) => ph(subject, (value, plant) => value < plant.ph_min),
  'ph-right': (subject: Subject) => ph(subject, (value, plant) => value >= plant.ph_min && value <= plant.ph_max),
  rich: (subject: Subject) => atSite(subject, (site) => ({ is: site.kind === 'bed' && site.richness === 'rich' })),
  salty: (subject: Subject) => atSite(subject, (site) => ({ is: site.salt !== 'none', of: { salt: site.salt } })),
  windy: ({ input, site }: Subject) => ({
    is: input.work.input.garden.balcony || site?.pot?.exposure === 'windy',
  }),
  steep: ({ input, site }: Subject) => ({ is: site !== null && isSteep(site, input.work.input.things) }),
  crowded: ({ input, site }: Subject) => {
    if (!site) return lacking('site');
    const { plantings, almanac } = input.work.input;
    const { used_m2, area_m2 } = areaUse(site, plantings, (id) => almanac.plants.get(id)?.plant);
    return { is: used_m2 > area_m2 * SETTINGS.why.crowded, of: { used_m2, area_m2 } };
  },
  'under-tree': ({ input, site }: Subject) => {
    if (!site) return NO;
    const crowns = neighboursOf(site, input.work.input.things).find((row) => row.kind === 'crowns');
    return crowns?.kind === 'crowns' ? { is: true, of: { names: crowns.names.join(', ') } } : NO;
  },
  'walnut-near': ({ input }: Subject) => {
    const { plants } = input.work.input.almanac;
    const standing = [...input.around, ...input.work.input.plantings.filter((row) => row.state === 'in-ground')];
    const walnut = standing.find((row) => {
      const plant = plants.get(row.plant)?.plant;
      return plant !== undefined && hostNames(plant).includes(WALNUTS);
    });
    return walnut ? { is: true, of: { name: plants.get(walnut.plant)!.plant.common } } : NO;
  },
  'lawn-near': ({ input }: Subject) => ({ is: input.work.input.sites.some((site) => site.ground === 'lawn') }),
  pot: (subject: Subject) => atSite(subject, (site) => ({ is: site.kind === 'container' })),
  'pot-small': ({ here, site }: Subject) => {
    if (site?.kind !== 'container' || !here?.plant.container_min_l) return NO;
    const { volume_l } = onePotOf(site);
    return { is: volume_l < here.plant.container_min_l, of: { litres: volume_l, min: here.plant.container_min_l } };
  },
  deer: ({ input }: Subject) => ({ is: input.work.input.garden.deer !== 'none', of: { deer: input.work.input.garden.deer } }),
  dogs: ({ input }: Subject) => ({ is: input.work.input.garden.dogs }),
  cats: ({ input }: Subject) => ({ is: input.work.input.garden.cats }),
  'not-hardy': ({ here, site, input }: Subject) => hardiness(here?.plant ?? null, site, input, (short) => short > 0),
  hardy: ({ here, site, input }: Subject) => hardiness(here?.plant ?? null, site, input, (short) => short <= -1),
} satisfies Record<string, (subject: Subject) => Finding>;

/** Half-zones by which the winter of its place is colder than a plant bears. */
function hardiness(
  plant: Plant | null,
  site: MeasuredSite | null,
  input: Subject['input'],
  is: (short: number) => boolean,
): Finding {
  if (!plant || plant.kind === 'annual') return NO;
  const { half_zone, school_pots } = input.work.input.garden;
  const zone = site?.kind === 'container' ? potZone(site, half_zone, school_pots) : half_zone;
  return { is: is(zoneIndex(plant.zone_min) - zoneIndex(zone)), of: { zone, min: plant.zone_min } };
}
