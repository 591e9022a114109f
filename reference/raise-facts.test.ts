import { describe, expect, it } from 'vitest';
import { recordsOfNew } from '../core/garden/from-file';
import { gardenHere } from '../core/garden/here';
import { regionalGarden } from '../core/library/regional-garden';
import { WayBook, type Way } from '../core/library/ways';
import { averageDay, dayInYear, dayNumber, isoOf, yearOf } from '../core/model/days';
import { dayOfMonthDay } from '../core/model/half-month';
import type { RaiseMethod } from '../core/model/vocabulary';
import type { GardenFields } from '../core/model/garden';
import { isTender, plantingWindow } from '../core/raise/out';
import type { WayHere } from '../core/raise/ways-here';
import { readLibrary } from '../scripts/reference-files';

/** How plants are raised: what growers know, against the table and the days calculated from it. */
const { library } = readLibrary();
const book = new WayBook(library.propagation);
const plantOf = (id: string) => library.plants.find((row) => row.id === id)!;
const waysOf = (id: string): Way[] => book.of(plantOf(id));
const rowOf = (id: string, method: RaiseMethod) => waysOf(id).find((way) => way.method === method)?.row;
const methodsOf = (id: string) => waysOf(id).map((way) => way.method);

const raisingIn = (region: string, over: Partial<GardenFields> = {}) =>
  gardenHere(recordsOfNew({ ...regionalGarden(library, region), ...over }), library).raising;
const TODAY = dayNumber('2026-11-25');
const waysIn = (region: string, plant: string, over: Partial<GardenFields> = {}) =>
  raisingIn(region, over).waysFor(plant, 5, TODAY);
const wayIn = (region: string, plant: string, method: RaiseMethod, over: Partial<GardenFields> = {}): WayHere =>
  waysIn(region, plant, over).find((row) => row.method === method)!;
const stepsOf = (way: WayHere, kind: string) => way.steps.filter((step) => step.kind === kind);
const between = (day: number, from: string, to: string) => {
  expect(averageDay(day)).toBeGreaterThanOrEqual(dayOfMonthDay(from));
  expect(averageDay(day)).toBeLessThanOrEqual(dayOfMonthDay(to));
};

describe('the table', () => {
  it('has two true ways or more for four hundred plants, and for most both seed and a part of the plant', () => {
    const several = library.plants.filter((plant) => book.of(plant).length >= 2);
    const both = library.plants.filter((plant) => {
      const ways = book.of(plant).map((way) => way.method);
      return (
        ways.some((way) => way.includes('place') || way.includes('indoors') || way.includes('container')) &&
        ways.some((way) => !way.includes('place') && !way.includes('indoors') && !way.includes('container'))
      );
    });
    expect(several.length).toBeGreaterThanOrEqual(400);
    expect(both.length).toBeGreaterThanOrEqual(400);
  });
  it('does not say the same of everything: no set of figures is that of more than a dozen rows', () => {
    const counts = new Map<string, number>();
    for (const {
      plant: _plant,
      how: _how,
      fails: _fails,
      wood: _wood,
      confidence: _confidence,
      ...figures
    } of library.propagation) {
      if (figures.never) continue;
      const key = JSON.stringify(figures);
      counts.set(key, (counts.get(key) ?? 0) + 1);
    }
    expect(Math.max(...counts.values())).toBeLessThanOrEqual(12);
    expect(counts.size).toBeGreaterThan(600);
  });
  it('gives no way to what is listed as noxious everywhere it is not wanted, nor to a trap for caterpillars', () => {
    for (const id of [
      'vincetoxicum-nigrum',
      'aristolochia-elegans',
      'aristolochia-gigantea',
      'alliaria-petiolata',
      'lythrum-salicaria',
      'silybum-marianum',
      'passiflora-coccinea',
      'lespedeza-cuneata',
    ])
      expect(waysOf(id), id).toEqual([]);
  });
  it('names a root to live on for every half-parasite', () => {
    for (const id of [
      'castilleja-miniata',
      'castilleja-coccinea',
      'agalinis-purpurea',
      'aureolaria-flava',
      'aureolaria-grandiflora',
    ])
      for (const { row } of waysOf(id)) expect(row.beside, id).not.toBe('');
  });
});

describe('what growers know of seed', () => {
  it.each([
    // Erratic over half a year, and poor, whatever is done.
    ['passiflora-incarnata', 'winter-container', { chill: [45, 75], to: [120, 240], rate: [0.1, 0.5] }],
    // A whole winter, not six weeks.
    ['chelone-glabra', 'winter-container', { chill: [60, 120], to: [20, 60], rate: [0.3, 0.8] }],
    ['asclepias-tuberosa', 'winter-container', { chill: [21, 60], to: [14, 40], rate: [0.3, 0.8] }],
    ['baptisia-australis', 'winter-container', { chill: [0, 30], to: [14, 40], rate: [0.4, 0.9] }],
    ['asimina-triloba', 'autumn-in-place', { chill: [90, 120], to: [60, 150], rate: [0.4, 0.85] }],
    ['viburnum-dentatum', 'winter-container', { chill: [60, 120], to: [365, 600], rate: [0.2, 0.6] }],
  ] as const)('%s', (id, method, { chill, to, rate }) => {
    const row = rowOf(id, method)!;
    expect(row.chill_days).toBeGreaterThanOrEqual(chill[0]);
    expect(row.chill_days).toBeLessThanOrEqual(chill[1]);
    expect(row.days_to).toBeGreaterThanOrEqual(to[0]);
    expect(row.days_to).toBeLessThanOrEqual(to[1]);
    expect(row.rate_from).toBeGreaterThanOrEqual(rate[0]);
    expect(row.rate_to).toBeLessThanOrEqual(rate[1]);
  });
  it.each([
    'nicotiana-alata',
    'petunia-axillaris',
    'ageratum-houstonianum',
    'impatiens-walleriana',
    'antirrhinum-majus',
    'lobularia-maritima',
    'agastache-foeniculum',
    'achillea-millefolium',
    'heuchera-sanguinea',
    'epilobium-canum',
    'chamaenerion-angustifolium',
    'oenothera-biennis',
    'verbena-hastata',
    'eutrochium-maculatum',
    'aquilegia-formosa',
    'erigeron-speciosus',
    'pycnanthemum-muticum',
    'grindelia-squarrosa',
    'helenium-autumnale',
    'coreopsis-tinctoria',
    'lobelia-cardinalis',
  ])('%s wants light: it is not covered', (id) => {
    const rows = waysOf(id).filter(({ method }) => ['winter-container', 'indoors', 'autumn-in-place'].includes(method));
    if (id !== 'epilobium-canum') expect(rows.length).toBeGreaterThan(0);
    for (const { row } of rows) expect(row.depth_mm).toBe(0);
  });
  it.each([
    'sphaeralcea-ambigua',
    'callirhoe-involucrata',
    'hibiscus-coccineus',
    'kosteletzkya-pentacarpos',
    'senna-alata',
    'lupinus-texensis',
    'robinia-pseudoacacia',
    'ceanothus-americanus',
    'rhus-copallinum',
    'baptisia-alba',
    'cercis-canadensis',
    'clitoria-mariana',
  ])('%s has a hard coat: it is scratched, scalded or soaked', (id) => {
    const seed = waysOf(id).filter(({ row }) => row.depth_mm !== null && row.chill_days !== null);
    expect(seed.length).toBeGreaterThan(0);
    for (const { row } of seed)
      expect(row.treatment.some((way) => way === 'scarify' || way === 'hot-water' || way === 'soak')).toBe(true);
  });
  it.each([
    'viguiera-dentata',
    'mirabilis-jalapa',
    'datura-wrightii',
    'baileya-multiradiata',
    'kosteletzkya-pentacarpos',
    'hibiscus-coccineus',
    'ruellia-caroliniensis',
    'asclepias-subulata',
    'asclepias-linaria',
    'asclepias-angustifolia',
    'asclepias-perennis',
    'asclepias-humistrata',
    'glandularia-gooddingii',
    'verbesina-virginica',
    'carphephorus-corymbosus',
    'flaveria-linearis',
    'erigeron-karvinskianus',
    'penstemon-parryi',
    'melampodium-leucanthum',
    'simsia-calva',
    'thymophylla-pentachaeta',
    'heliotropium-angiospermum',
    'dyschoriste-oblongifolia',
    'wedelia-hispida',
  ])('%s of the warm South asks for no cold', (id) => {
    for (const { row } of waysOf(id)) expect(row.chill_days ?? 0).toBe(0);
  });
});

describe('what growers know of cuttings and division', () => {
  it.each([
    ['pentas-lanceolata', 10, 21],
    ['cuphea-ignea', 10, 21],
    ['salvia-leucantha', 10, 24],
  ])('%s roots in two to three weeks and is cut again in late summer, to winter it', (id, from, to) => {
    const row = rowOf(id, 'softwood')!;
    expect(row.days_from).toBeGreaterThanOrEqual(from);
    expect(row.days_to).toBeLessThanOrEqual(to);
    const starts = raisingIn('mid-atlantic').waysFor(id, 3, dayNumber('2026-08-20'));
    between(starts.find((way) => way.method === 'softwood')!.start!.from, '08-01', '09-10');
  });
  it('an azalea roots in seven weeks or more, poorly, from the soft shoots of late spring alone', () => {
    const row = rowOf('rhododendron-viscosum', 'softwood')!;
    expect(row.days_from).toBeGreaterThanOrEqual(45);
    expect(row.rate_to).toBeLessThanOrEqual(0.5);
    const { start } = wayIn('northeast-coast', 'rhododendron-viscosum', 'softwood');
    between(start!.from, '05-15', '06-10');
    between(start!.latest, '06-10', '06-30');
  });
  it('manzanita takes two months and more, in autumn and winter; grapes and willows root from bare wood, sumac from its roots', () => {
    expect(rowOf('arctostaphylos-manzanita', 'half-ripe')!.days_from).toBeGreaterThanOrEqual(60);
    expect(methodsOf('arctostaphylos-manzanita')).not.toContain('softwood');
    expect(methodsOf('vitis-riparia')).toContain('hardwood');
    expect(methodsOf('salix-discolor')).toContain('hardwood');
    expect(methodsOf('rhus-copallinum')).toContain('root-cutting');
    for (const id of [
      'asimina-parviflora',
      'zanthoxylum-americanum',
      'clitoria-mariana',
      'artemisia-tridentata',
      'eysenhardtia-texana',
    ])
      expect(
        waysOf(id).some(({ row }) => row.chill_days !== null),
        id,
      ).toBe(true);
  });
  it('grasses of the warm season are divided in spring, not in autumn', () => {
    for (const id of [
      'andropogon-gerardi',
      'sorghastrum-nutans',
      'panicum-virgatum',
      'schizachyrium-scoparium',
      'muhlenbergia-capillaris',
      'sporobolus-heterolepis',
    ]) {
      const { start } = wayIn('central-tallgrass', id, 'division');
      between(start!.from, '04-01', '05-10');
      between(start!.latest, '05-15', '06-30');
    }
  });
  it('no milkweed with a taproot is divided, and a violet not while the young of fritillaries lie in it', () => {
    expect(methodsOf('asclepias-tuberosa')).not.toContain('division');
    for (const id of ['viola-sororia', 'viola-adunca', 'viola-pubescens']) {
      const { start } = wayIn('great-lakes-ohio', id, 'division');
      between(start!.from, '05-01', '07-15');
      between(start!.latest, '06-01', '08-31');
    }
  });
});

describe('worked cases', () => {
  const FIVE = { half_zone: '5b', last_frost: '05-05', first_frost: '10-10' } as const;
  it('a milkweed in zone 5: in a winter container about the solstice, up in May, planted out by midsummer', () => {
    const way = wayIn('great-lakes-ohio', 'asclepias-syriaca', 'winter-container', FIVE);
    expect(way.refused).toBeNull();
    expect(isoOf(way.start!.best)).toBe('2026-12-21');
    // Thirty days of cold are left before the spring: the latest start is in late winter.
    between(way.start!.latest, '02-15', '03-31');
    between(stepsOf(way, 'look')[0]!.from, '04-10', '05-10');
    between(stepsOf(way, 'prick-out')[0]!.from, '05-10', '06-10');
    between(stepsOf(way, 'plant-out')[0]!.from, '06-01', '07-10');
    expect(way.steps.find((step) => step.kind === 'chill')).toBeUndefined();
  });
  it('in zone 9 there is no winter for it: the refrigerator, said with its days', () => {
    const gulf = { half_zone: '9a' } as const;
    expect(wayIn('gulf-coast', 'asclepias-syriaca', 'winter-container', gulf).refused).toEqual({
      no: 'cold',
      days: 0,
      wanted: 30,
    });
    const way = wayIn('gulf-coast', 'asclepias-syriaca', 'chilled-indoors', gulf);
    expect(way.refused).toBeNull();
    const [chill] = stepsOf(way, 'chill');
    const [sow] = stepsOf(way, 'sow');
    expect(sow!.from - chill!.from).toBe(30);
  });
  it('an annual indoors as insurance: a zinnia four weeks before the last frost, out after it, and a second start two weeks on', () => {
    const way = wayIn('great-lakes-ohio', 'zinnia-elegans', 'indoors', FIVE);
    // Four weeks before 5 May.
    expect(isoOf(way.start!.best)).toBe('2027-04-07');
    const [out] = stepsOf(way, 'plant-out');
    expect(out!.from).toBeGreaterThan(dayNumber('2027-05-05'));
    expect(out!.from).toBeLessThanOrEqual(dayNumber('2027-05-20'));
    // Hardened off for the week before.
    expect(out!.from - stepsOf(way, 'harden')[0]!.from).toBe(7);
    expect(isoOf(way.second!)).toBe('2027-04-21');
  });
  it('cuttings with two nodes below the surface are looked at every week until they root', () => {
    const way = wayIn('great-lakes-ohio', 'chelone-glabra', 'softwood', FIVE);
    const [cut] = stepsOf(way, 'cut');
    expect(way.way!.row).toMatchObject({ nodes: 3, nodes_below: 2, leaves: 2 });
    expect(stepsOf(way, 'look').map((step) => step.from - cut!.from)).toEqual([7, 14, 21, 28]);
  });
  it('a spring ephemeral is divided when its leaves have yellowed, not in autumn', () => {
    const way = wayIn('great-lakes-ohio', 'claytonia-virginica', 'offsets', FIVE);
    between(way.start!.from, '05-10', '06-25');
    between(way.start!.latest, '06-15', '08-05');
  });
  it('a shrub is in the ground eight weeks before the first frost, what is herbaceous six', () => {
    const { place } = raisingIn('great-lakes-ohio', FIVE);
    expect(place.days(2027).dayOf('first-frost', null)).toBe(dayOfMonthDay('10-10'));
    // 10 October less 56 days, less 42.
    expect(lastPlanting('cephalanthus-occidentalis')).toBe(dayOfMonthDay('08-15'));
    expect(lastPlanting('chelone-glabra')).toBe(dayOfMonthDay('08-29'));
    function lastPlanting(id: string) {
      return plantingWindow({ plant: plantOf(id) }, place.days(2027), { halfZone: FIVE.half_zone, yearClass: place.yearClass })
        .to;
    }
  });
  it('tender plants do not go out before the last frost, whatever the way', () => {
    for (const id of ['pentas-lanceolata', 'zinnia-elegans', 'salvia-leucantha', 'tithonia-rotundifolia'])
      for (const way of waysIn('great-lakes-ohio', id, FIVE))
        for (const step of stepsOf(way, 'plant-out')) {
          expect(averageDay(step.from), `${id} ${way.method}`).toBeGreaterThan(dayOfMonthDay('05-05'));
          expect(averageDay(step.from), `${id} ${way.method}`).toBeLessThan(dayOfMonthDay('10-10'));
        }
  });
  it('wild flowers of one year in the deserts and in Texas are sown in autumn', () => {
    between(wayIn('texas-hills-brush', 'lupinus-texensis', 'autumn-in-place').start!.from, '09-01', '10-01');
    between(wayIn('southwest-sky-islands', 'penstemon-parryi', 'autumn-in-place').start!.from, '10-01', '10-15');
  });
  it('what is listed where the garden is has no way, though it has rows', () => {
    const listed = library.status.find(
      (row) =>
        row.status === 'invasive' && waysOf(row.plant).length > 0 && library.regions.some((region) => region.id === row.place),
    )!;
    expect(waysIn(listed.place, listed.plant)).toEqual([]);
  });
});

describe('in any region, for any plant and way', () => {
  it.each([
    'upper-midwest',
    'florida-peninsula',
    'southwest-sky-islands',
    'california-coast',
    'pacific-northwest',
    'southeast-piedmont',
  ])(
    '%s: days are in order, nothing tender stands out in the frost, and seed lies in the cold for as long as it asks',
    (region) => {
      const raising = raisingIn(region);
      const { place } = raising;
      library.plants.forEach((plant, i) => {
        // Every fourth plant, another quarter in each region.
        if (i % 4 !== region.length % 4) return;
        const here = raising.input.almanac.plants.get(plant.id)!;
        const tender = isTender(here, raising.input.garden.half_zone);
        for (const way of raising.waysFor(plant.id, 6, TODAY)) {
          const what = `${plant.id}, ${way.method}`;
          if (way.start) {
            expect(way.start.from, what).toBeLessThanOrEqual(way.start.best);
            expect(way.start.best, what).toBeLessThanOrEqual(way.start.latest);
            expect(way.start.latest, what).toBeGreaterThanOrEqual(TODAY);
          }
          way.steps.forEach((step, n) => {
            if (n > 0) expect(step.from, what).toBeGreaterThanOrEqual(way.steps[n - 1]!.from);
          });
          const at = (kind: string) => way.steps.find((step) => step.kind === kind)?.from;
          const [chill, sow, out, flower] = [at('chill'), at('sow'), at('plant-out'), at('flower')];
          if (chill !== undefined) expect(sow! - chill, what).toBe(way.way!.row.chill_days);
          if (way.method === 'winter-container' && way.start && !way.way!.row.warm_days && way.way!.row.window === '')
            expect(
              dayInYear(yearOf(way.start.latest) - (averageDay(way.start.latest) < 200 ? 1 : 0), place.cold!.to) -
                way.start.latest,
              what,
            ).toBeGreaterThanOrEqual((way.way!.row.chill_days ?? 0) - 1);
          if (
            out !== undefined &&
            tender &&
            !place.days(2027).frostless &&
            ['indoors', 'chilled-indoors', 'softwood'].includes(way.method)
          ) {
            const days = place.days(yearOf(out));
            expect(averageDay(out), what).toBeGreaterThan(days.dayOf('last-frost', null)!);
          }
          if (flower !== undefined && out !== undefined) expect(flower, what).toBeGreaterThanOrEqual(out);
          if (way.quantity?.units) {
            expect(way.quantity.chance, what).toBeGreaterThanOrEqual(0.9);
            expect(way.quantity.units, what).toBeGreaterThanOrEqual(6);
          }
        }
      });
    },
  );
});
