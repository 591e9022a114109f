import type { Almanac, PlantHere } from '../almanac/almanac';
import { climateHere, frostRange } from '../climate/place';
import { frostFree } from '../climate/frost';
import { livesThroughWinter, zoneIndex } from '../climate/zones';
import { isListed } from '../gates/status';
import { DIMENSIONS, type FitSite } from '../fit/dimensions';
import type { GardenFields } from '../model/garden';
import { dayName, MONTH_NAMES } from '../model/half-month';
import type { Library } from '../model/reference';
import { HALF_ZONES } from '../model/vocabulary';
import { springDelay } from '../climate/shift';
import { sunAt } from '../sun/sun-path';
import { waterYear } from '../soil/water-year';

/** A value of the place of which the panel says what it changes. */
export type PlaceValue = 'region' | 'half_zone' | 'frosts' | 'summer' | 'humidity' | 'rain' | 'position' | 'household';

/** A site on which nothing but the place itself can hold a plant back. */
const ANY_BED: FitSite = {
  kind: 'bed',
  area_m2: 5000,
  volume_l: null,
  sun_h: 6,
  sun_when: 'morning',
  texture: 'loam',
  drainage: 'well',
  ph: 6.5,
  moisture: 3,
  salt: 'none',
  pot: null,
};
const marked = (count: number) => (count === 0 ? 'no plant is' : count === 1 ? 'one plant is' : `${count} plants are`);
const examples = (rows: readonly PlantHere[]) =>
  rows.length === 0
    ? ''
    : `, such as ${rows
        .slice(0, 3)
        .map((row) => row.plant.common)
        .join(', ')}`;

/** What a value of the garden's place changes, in sentences reckoned over the plants recorded in the region. */
export function consequences(value: PlaceValue, library: Library, almanac: Almanac, garden: GardenFields): string[] {
  const { region } = almanac;
  const climate = climateHere(library, region, garden);
  const recorded = [...almanac.plants.values()].filter((here) => here.status.row && !isListed(here.status.status));
  const held = (dimension: 'cold' | 'heat' | 'humidity', least: number) =>
    recorded.filter((here) => DIMENSIONS[dimension](here.plant, ANY_BED, almanac.place) >= least);
  switch (value) {
    case 'region':
      return [
        region.summary,
        `${almanac.targets.size} butterflies, moths and hummingbirds are expected here, and ${recorded.length} plants are recorded.`,
        `Its soils are usually ${region.soils}; measure your own.`,
      ];
    case 'half_zone': {
      const hardy = recorded.filter((here) => livesThroughWinter(here.plant, garden.half_zone));
      const colder = HALF_ZONES[zoneIndex(garden.half_zone) - 1];
      const lost = colder ? hardy.filter((here) => !livesThroughWinter(here.plant, colder)) : [];
      const warm = held('heat', 1);
      const wet =
        zoneIndex(garden.half_zone) >= zoneIndex('8a') && climate.humidity === 'humid'
          ? 'wet and sultry'
          : climate.humidity === 'dry'
            ? 'dry'
            : 'neither wet nor dry';
      return [
        `${hardy.length} of the ${recorded.length} plants recorded here outlive a winter of zone ${garden.half_zone}.`,
        colder && lost.length > 0 ? `Half a zone colder (${colder}) would lose ${lost.length} of them${examples(lost)}.` : '',
        `Zone ${garden.half_zone} here is ${wet}, with ${climate.summer} summers: ${marked(warm.length)} marked for summer heat${examples(warm)}.`,
      ];
    }
    case 'frosts': {
      const { days } = frostFree(garden);
      if (!garden.last_frost || !garden.first_frost)
        return ['No frost in a usual year: plants that want a winter chill may fail to bloom, and pests have no winter either.'];
      const spring = frostRange(garden.last_frost, climate.frost_spread_d);
      const autumn = frostRange(garden.first_frost, climate.frost_spread_d);
      return [
        `${days} frost-free days in an average year; one year in two is shorter.`,
        `In eight years of ten the last frost falls between ${dayName(spring.from)} and ${dayName(spring.to)}: set out tender plants after ${dayName(spring.to)}.`,
        `In eight years of ten the first falls between ${dayName(autumn.from)} and ${dayName(autumn.to)}: be ready to bring pots in from ${dayName(autumn.from)}.`,
      ];
    }
    case 'summer': {
      const hot = held('heat', 1);
      const beyond = held('heat', 2);
      return [
        `Summers are ${climate.summer}${garden.summer && garden.summer !== region.summer ? `, where the region’s are ${region.summer}` : ''}: ${marked(hot.length)} marked for heat${examples(hot)}.`,
        beyond.length > 0 ? `${beyond.length} of them are unsuitable.` : '',
      ];
    }
    case 'humidity': {
      const odd = held('humidity', 1);
      const why =
        climate.humidity === 'humid'
          ? 'plants that need dry summers mildew and rot'
          : climate.humidity === 'dry'
            ? 'plants of moist air scorch'
            : 'neither mildew nor scorch is the rule';
      return [`Summer air is ${climate.humidity}: ${why}; ${marked(odd.length)} marked${examples(odd)}.`];
    }
    case 'rain': {
      const bed = waterYear({ ...ANY_BED, runoff: 'none' }, climate.months);
      const thirsty = bed.flatMap((share, month) => (share < 0.45 ? [MONTH_NAMES[month]!] : []));
      const total = climate.months.reduce((sum, row) => sum + row.rain_mm, 0);
      return [
        `${Math.round(total)} mm (${Math.round(total / 25.4)} in) a year${garden.rain_mm ? ', by your own gauge' : ''}.`,
        thirsty.length > 0
          ? `An open bed of loam without watering falls below half of its store in ${thirsty.join(', ')}: new plants want water then.`
          : 'An open bed of loam keeps half of its store all year: established plants seldom want water.',
      ];
    }
    case 'position': {
      const delay = Math.round(springDelay(region, garden));
      const high = (day: number) => Math.round((sunAt(garden.lat, garden.lon, day, 0).altitude * 180) / Math.PI);
      return [
        delay === 0
          ? 'Spring comes with the middle of the region.'
          : `Spring comes ${Math.abs(delay)} days ${delay > 0 ? 'later' : 'earlier'} than in the middle of the region: every bloom and flight is moved by that, fading to none in high summer.`,
        `The sun stands ${high(172)}° high at noon in June and ${high(355)}° in December: a wall throws ${(1 / Math.tan((high(355) * Math.PI) / 180)).toFixed(1)} times its height of shade at noon in midwinter.`,
      ];
    }
    case 'household':
      return [
        'Plants gravely poisonous to the children, pets or stock named here are refused; lesser dangers are shown where you choose.',
        garden.passers_by ? 'Passers-by are counted: what harms by a touch or a taste is pointed out.' : '',
        garden.deer === 'none'
          ? ''
          : `Deer come ${garden.deer === 'many' ? 'often' : 'at times'}: ${marked(recorded.filter((here) => here.plant.deer === 'low').length)} marked as browsed.`,
      ];
  }
}
