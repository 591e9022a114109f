import type { CoverageInput } from '../coverage/coverage';
import type { Change } from '../coverage/offers/change';
import type { Offer } from '../coverage/offers/offers';
import type { Hindrance } from '../match/hindrance';
import { dayName, dayOfMonthDay } from '../model/half-month';
import { unfitClause } from './fit';
import { gateSentence } from './gates';
import { FEATURE_NAMES, percent } from './needs';
import type { Units } from './units';

/** A change to a garden as it is offered: `Add 5 more White turtlehead to The swale`. */
export function changeSentence(
  change: Change,
  { almanac, plantings, sites }: Pick<CoverageInput, 'almanac' | 'plantings' | 'sites'>,
): string {
  const nameOf = (plant: string) => almanac.plants.get(plant)!.plant.common;
  const siteName = (id: string) => sites.find((site) => site.id === id)!.name;
  switch (change.kind) {
    case 'autumn':
      return 'Leave stems and leaves standing until spring';
    case 'feature':
      return `Add ${FEATURE_NAMES[change.feature]} to ${siteName(change.site_id)}`;
    case 'cut': {
      const planting = plantings.find((row) => row.id === change.planting)!;
      const { count, on } = change.cut;
      const which =
        count >= planting.count
          ? (['the', 'both'][planting.count - 1] ?? `all ${planting.count}`)
          : `${count} of the ${planting.count}`;
      return `Cut ${which} ${nameOf(planting.plant)} in ${siteName(planting.site_id)} on ${dayName(dayOfMonthDay(on))}`;
    }
    case 'plant': {
      const { plant, count, site_id, sow_on } = change;
      if (sow_on) return `Sow ${count} ${nameOf(plant)} for ${siteName(site_id)} on ${dayName(dayOfMonthDay(sow_on))}`;
      const more = plantings.some((row) => row.plant === plant && row.site_id === site_id);
      return `Add ${count} ${more ? 'more ' : ''}${nameOf(plant)} to ${siteName(site_id)}`;
    }
  }
}

/** What an offer would change: `Closes it`, or how many of the short half-months it mends, or how far it lifts the figure. */
export function offerEffect(offer: Pick<Offer, 'before' | 'after' | 'gapsBefore' | 'gapsAfter' | 'closes'>): string {
  const { before, after, gapsBefore, gapsAfter, closes } = offer;
  if (closes) return `Closes it: from ${percent(before)} to ${percent(after)}`;
  if (gapsAfter < gapsBefore) return `Closes ${gapsBefore - gapsAfter} of the ${gapsBefore} half-months that are short`;
  return `Helps, but does not close it: from ${percent(before)} to ${percent(after)}`;
}

/** What keeps a plant off a site, in a clause. */
export function hindranceWords(why: Hindrance, units: Units): string {
  switch (why.kind) {
    case 'gate':
      return gateSentence(why.gate);
    case 'unrecorded':
      return 'not recorded in this region';
    case 'unfit':
      return why.reasons.map((reason) => unfitClause(reason, units)).join('; ');
    case 'too-many':
      return `it would take ${why.count} of them`;
    case 'no-room':
      return `${why.count === 1 ? 'it wants' : `${why.count} take`} ${units.area(why.wanted_m2)}, ${units.area(why.left_m2)} is left`;
    case 'crowns':
      return 'its crown would crowd the trees that stand there';
    case 'too-wide':
      return `its grown crown takes ${units.area(why.crown_m2)}, more than twice the bed of ${units.area(why.bed_m2)}`;
    case 'one-kind':
      return `more than ${why.most} of it would make this a bed of one kind`;
    case 'pot-full':
      return why.upright ? 'the tall place in the middle is taken' : 'the pot is full';
    case 'windy':
      return 'it climbs, and the wind would have it down';
    case 'danger':
      return why.gates.map(gateSentence).join(' ');
    case 'exotic-milkweed':
      return 'a milkweed of another country: where winter does not kill it, it makes monarchs ill';
    case 'none-wanted':
      return `no more than ${why.most} are wanted`;
    case 'too-tall':
      return `it grows ${units.length(why.height_cm)} tall, ${units.length(why.allowed_cm)} is allowed`;
  }
}

/** A near miss in a sentence, with the site it is about: `South bank: moisture is 1 (dry), it wants 4 (moist).` */
export function nearMissSentence(why: Hindrance, siteName: string, units: Units): string {
  // What bars a plant from the garden bars it from every site.
  if (why.kind === 'gate' || why.kind === 'danger') return hindranceWords(why, units);
  return why.kind === 'exotic-milkweed' ? `${hindranceWords(why, units)}.` : `${siteName}: ${hindranceWords(why, units)}.`;
}
