import type { Marked, PlaceEffect } from '../garden/place-effects';
import { dayName, MONTH_NAMES } from '../model/half-month';
import type { Units } from './units';

const marked = ({ count }: Pick<Marked, 'count'>) =>
  count === 0 ? 'no plant is' : count === 1 ? 'one plant is' : `${count} plants are`;
const examples = ({ examples: names }: Marked) => (names.length === 0 ? '' : `, such as ${names.join(', ')}`);

const ZONE_AIR = { sultry: 'wet and sultry', dry: 'dry', middling: 'neither wet nor dry' };
const AIR = {
  humid: 'plants that need dry summers mildew and rot',
  dry: 'plants of moist air scorch',
  moderate: 'neither mildew nor scorch is the rule',
};

/** What a value of the place changes, in sentences. */
export function placeSentences(effect: PlaceEffect, units: Units): string[] {
  return sentences(effect, units).filter(Boolean);
}

function sentences(effect: PlaceEffect, units: Units): string[] {
  switch (effect.value) {
    case 'region':
      return [
        effect.summary,
        `${effect.creatures} butterflies, moths and hummingbirds are expected here, and ${effect.plants} plants are recorded.`,
        `Its soils are usually ${effect.soils}; measure your own.`,
      ];
    case 'half_zone': {
      const { colder } = effect;
      return [
        `${effect.hardy} of the ${effect.recorded} plants recorded here outlive a winter of zone ${effect.zone}.`,
        colder && colder.lost.count > 0
          ? `Half a zone colder (${colder.zone}) would lose ${colder.lost.count} of them${examples(colder.lost)}.`
          : '',
        `Zone ${effect.zone} here is ${ZONE_AIR[effect.air]}, with ${effect.summer} summers: ${marked(effect.heat)} marked for summer heat${examples(effect.heat)}.`,
      ];
    }
    case 'frosts': {
      const { spring, autumn } = effect;
      if (!spring || !autumn)
        return ['No frost in a usual year: plants that want a winter chill may fail to bloom, and pests have no winter either.'];
      return [
        `${effect.days} frost-free days in an average year; one year in two is shorter.`,
        `In eight years of ten the last frost falls between ${dayName(spring.from)} and ${dayName(spring.to)}: set out tender plants after ${dayName(spring.to)}.`,
        `In eight years of ten the first falls between ${dayName(autumn.from)} and ${dayName(autumn.to)}: be ready to bring pots in from ${dayName(autumn.from)}.`,
      ];
    }
    case 'summer':
      return [
        `Summers are ${effect.summer}${effect.regions ? `, where the region’s are ${effect.regions}` : ''}: ${marked(effect.heat)} marked for heat${examples(effect.heat)}.`,
        effect.unsuitable > 0 ? `${effect.unsuitable} of them are unsuitable.` : '',
      ];
    case 'humidity':
      return [`Summer air is ${effect.air}: ${AIR[effect.air]}; ${marked(effect.held)} marked${examples(effect.held)}.`];
    case 'rain':
      return [
        `${units.rain(effect.year_mm)} a year${effect.own ? ', by your own gauge' : ''}.`,
        effect.thirsty.length > 0
          ? `An open bed of loam without watering falls below half of its store in ${effect.thirsty.map((month) => MONTH_NAMES[month]).join(', ')}: new plants want water then.`
          : 'An open bed of loam keeps half of its store all year: established plants seldom want water.',
      ];
    case 'position': {
      const days = Math.round(effect.delay_d);
      return [
        days === 0
          ? 'Spring comes with the middle of the region.'
          : `Spring comes ${Math.abs(days)} days ${days > 0 ? 'later' : 'earlier'} than in the middle of the region: every bloom and flight is moved by that, fading to none in high summer.`,
        `The sun stands ${effect.june}° high at noon in June and ${effect.december}° in December: a wall throws ${effect.shade.toFixed(1)} times its height of shade at noon in midwinter.`,
      ];
    }
    case 'household':
      return [
        'Plants gravely poisonous to the children, pets or stock named here are refused; lesser dangers are shown where you choose.',
        effect.passersBy ? 'Passers-by are counted: what harms by a touch or a taste is pointed out.' : '',
        effect.deer === 'none'
          ? ''
          : `Deer come ${effect.deer === 'many' ? 'often' : 'at times'}: ${marked({ count: effect.browsed })} marked as browsed.`,
      ];
  }
}
