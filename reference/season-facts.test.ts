import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { almanacFor } from '../core/almanac/almanac';
import { coverage } from '../core/coverage/coverage';
import { recordsOf } from '../core/garden/from-file';
import { gardenHere } from '../core/garden/here';
import { gates } from '../core/match/gates/gates';
import { regionalGarden } from '../core/library/regional-garden';
import { GardenFile } from '../core/model/garden';
import { dayOfMonthDay } from '../core/model/half-month';
import { timingOffers } from '../core/coverage/offers/timing';
import { withChange } from '../core/coverage/offers/change';
import { trapsFor } from '../core/match/gates/traps';
import { seasonCalendar } from '../core/season/calendar';
import { seasonEvents } from '../core/words/events';
import { readLibrary } from '../scripts/reference-files';

/** What a gardener knows of cuts, sowings and sisters, asked of the shipped library. */
const { library } = readLibrary();
const coast = almanacFor(library, regionalGarden(library, 'northeast-coast'));
const plantOf = (id: string) => coast.plants.get(id)!;

describe('cut after its first flush', () => {
  it.each([
    ['bee balm', 'monarda-didyma'],
    ['wild bergamot', 'monarda-fistulosa'],
    ['purple coneflower', 'echinacea-purpurea'],
    ['garden phlox', 'phlox-paniculata'],
    ['anise hyssop', 'agastache-foeniculum'],
    ['yarrow', 'achillea-millefolium'],
    ['threadleaf coreopsis', 'coreopsis-verticillata'],
    ['autumn sage', 'salvia-greggii'],
    ['blanket flower', 'gaillardia-aristata'],
  ])('%s flowers again within a month', (_, id) => {
    const days = plantOf(id).plant.rebloom_days!;
    expect(days).toBeGreaterThanOrEqual(10);
    expect(days).toBeLessThanOrEqual(30);
  });
  it.each([
    ['golden alexanders', 'zizia-aurea'],
    ['wild columbine', 'aquilegia-canadensis'],
    ['New England aster', 'symphyotrichum-novae-angliae'],
    ['spicebush', 'lindera-benzoin'],
    ['a blazing star', 'liatris-novae-angliae'],
  ])('%s does not', (_, id) => expect(plantOf(id).plant.rebloom_days).toBeNull());
});

describe('days from sowing to flower', () => {
  it.each<[string, string, number, number]>([
    ['a zinnia in eight to twelve weeks', 'zinnia-elegans', 55, 85],
    ['cosmos in ten to twelve', 'cosmos-bipinnatus', 60, 90],
    ['scarlet runner in eight to ten', 'phaseolus-coccineus', 50, 80],
    ['a sunflower in nine to thirteen', 'helianthus-annuus', 60, 95],
    ['nasturtium in seven to nine', 'tropaeolum-majus', 45, 70],
    ['verbena of the tall kind, indoors, in four months', 'verbena-bonariensis', 100, 140],
  ])('%s', (_, id, least, most) => {
    const days = plantOf(id).sowing!.toFlower_d;
    expect(days).toBeGreaterThanOrEqual(least);
    expect(days).toBeLessThanOrEqual(most);
  });
  it.each(['lupinus-texensis', 'phacelia-tanacetifolia', 'gaillardia-pulchella', 'lasthenia-californica'])(
    '%s winters as a seedling: no spring sowing is calculated for it',
    (id) => expect(plantOf(id).sowing).toBeNull(),
  );
  it('only annuals have any', () => {
    for (const { plant, sowing } of coast.plants.values()) if (sowing) expect(plant.kind).toBe('annual');
  });
});

describe.each(['kettle-pond-commons', 'juniper-wash', 'fourth-floor-brickyard-row'])('timing in %s', (name) => {
  const file = GardenFile.parse(JSON.parse(readFileSync(`demo/${name}.json`, 'utf8')));
  const { input } = gardenHere(recordsOf(file), library);
  const gaps = coverage(input).targets.flatMap((row) =>
    row.needs
      .filter((need) => need.need.stage === 'nectar' && need.verdict !== 'closed')
      .map((need) => ({ target: row.target, need, offers: timingOffers(input, row.target, need) })),
  );
  const chosen = input.targets.map((row) => row.target);

  it('has gaps that timing reaches', () => {
    expect(gaps.length).toBeGreaterThan(0);
    expect(gaps.some((gap) => gap.offers.length > 0)).toBe(true);
  });
  it('keeps every promise', () => {
    for (const { target, need, offers } of gaps)
      for (const offer of offers) {
        const after = coverage(withChange(input, offer.change));
        const is = after.targets.find((row) => row.target === target)!.needs.find((row) => row.need.stage === 'nectar')!;
        expect(is.ratio, JSON.stringify(offer.change)).toBeCloseTo(offer.after);
        expect(is.gaps.length, JSON.stringify(offer.change)).toBe(offer.gapsAfter);
        expect(is.gaps.length < need.gaps.length || is.ratio > need.ratio, JSON.stringify(offer.change)).toBe(true);
      }
  });
  it('offers nothing that is refused, unrecorded or a trap', () => {
    for (const { offers } of gaps)
      for (const { plant, change } of offers) {
        const here = input.almanac.plants.get(plant)!;
        const refused = gates(here.plant, here.status, here.cautions, file.garden, trapsFor(input.almanac, chosen, plant));
        expect(
          refused.filter((gate) => gate.effect === 'refuse'),
          JSON.stringify(change),
        ).toEqual([]);
        expect(here.status.row, plant).not.toBeNull();
      }
  });
  it('sows nothing in place before the last frost, or more than four weeks earlier indoors than is usual', () => {
    for (const { offers } of gaps)
      for (const { change, plant } of offers) {
        if (change.kind !== 'plant' || !change.sow_on) continue;
        const { sowing } = input.almanac.plants.get(plant)!;
        const usual = dayOfMonthDay(file.garden.last_frost!) - 7 * sowing!.weeks;
        const earliest = sowing!.indoors ? usual - 28 : Math.min(usual, dayOfMonthDay(file.garden.last_frost!));
        expect(dayOfMonthDay(change.sow_on), plant).toBeGreaterThanOrEqual(earliest);
      }
  });
  it('its calendar goes out as events in order, each day in the calendar', () => {
    const events = seasonEvents(seasonCalendar(input, coverage(input), 'bed'), 2027, (id) => id);
    expect(events.length).toBeGreaterThan(file.targets.length);
    expect(new Set(events.map((event) => event.key)).size).toBe(events.length);
    for (const { first, last, title } of events) {
      expect(first <= last, title).toBe(true);
      for (const day of [first, last]) expect(new Date(`${day}T00:00:00Z`).toISOString().slice(0, 10), title).toBe(day);
    }
  });
  if (name === 'kettle-pond-commons')
    it('the honeysuckle, cut late in August, feeds the last hummingbirds of October', () => {
      const gap = gaps.find((row) => row.target === 'archilochus-colubris')!;
      expect(gap.need.gaps).toEqual([18]);
      expect(gap.offers[0]).toMatchObject({ way: 'cut', plant: 'lonicera-sempervirens', closes: true });
    });
  if (name === 'juniper-wash')
    it('Dakota vervain, a sister of the desert one, flowers on through summer for the hawkmoth', () => {
      const gap = gaps.find((row) => row.target === 'hyles-lineata')!;
      const sister = gap.offers.find((offer) => offer.plant === 'glandularia-bipinnatifida')!;
      expect(sister.flowers).toMatchObject({ kind: 'sister', of: 'glandularia-gooddingii', near: true });
      expect(sister.flowers.kind === 'sister' && sister.flowers.days).toBeGreaterThan(0);
    });
});
