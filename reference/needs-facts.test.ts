import { describe, expect, it } from 'vitest';
import { coverage } from '../core/coverage/coverage';
import { regionalGarden } from '../core/library/regional-garden';
import { recordsOfNew } from '../core/garden/from-file';
import { gardenHere } from '../core/garden/here';
import type { Site } from '../core/model/garden';
import type { Ambition } from '../core/model/vocabulary';
import { planting, site } from '../core/testing/worked-garden';
import { readLibrary } from '../scripts/reference-files';

/** What growers count on, by rules of thumb with their ranges, asked of the shipped library in a garden of the region. */
const { library } = readLibrary();
const SITES = {
  sun: { sun_h: 8 },
  damp: { sun_h: 8, moisture: 4, drainage: 'moderate' },
  dry: { sun_h: 9, texture: 'sand', drainage: 'sharp', moisture: 2, ph: 6 },
  half: { sun_h: 4.5, sun_when: 'morning', ph: 6 },
  gravel: { sun_h: 9, texture: 'sand', drainage: 'sharp', moisture: 1, ph: 7 },
} satisfies Record<string, Partial<Site>>;
type Bed = keyof typeof SITES;

function served(region: string, target: string, rows: [plant: string, count: number][], bed: Bed, ambition: Ambition = 'breeds') {
  const records = {
    ...recordsOfNew(regionalGarden(library, region)),
    sites: [site('bed', { area_m2: 400, ...SITES[bed] } as Partial<Site>)],
    targets: [{ target, ambition, priority: 1, id: target, revision: 0 }],
  };
  const plantings = rows.map(([plant, count]) => planting(plant, plant, count, { plan_id: records.plans[0]!.id }));
  return coverage(gardenHere({ ...records, plantings }, library).input).targets[0]!;
}

describe('caterpillars that so many plants raise of a brood', () => {
  const larvae = (region: string, target: string, rows: [string, number][], bed: Bed) => {
    const host = served(region, target, rows, bed).needs.find(({ need }) => need.stage === 'host')!;
    const fed = host.cells.map(({ supply }) => supply).filter((supply) => supply > 0);
    return fed.length === 0 ? 0 : Math.min(...fed);
  };
  it.each<[string, string, string, [string, number][], Bed, number, number]>([
    [
      'ten swamp milkweeds, one and a half to four monarchs each',
      'northeast-coast',
      'danaus-plexippus',
      [['asclepias-incarnata', 10]],
      'damp',
      15,
      40,
    ],
    ['a dozen common milkweeds', 'upper-midwest', 'danaus-plexippus', [['asclepias-syriaca', 12]], 'sun', 15, 55],
    ['six butterfly milkweeds, smaller', 'mid-atlantic', 'danaus-plexippus', [['asclepias-tuberosa', 6]], 'dry', 4, 15],
    [
      'four parsleys, one or two swallowtails each',
      'northeast-coast',
      'papilio-polyxenes',
      [['petroselinum-crispum', 4]],
      'sun',
      3,
      20,
    ],
    ['a fennel, some four', 'mid-atlantic', 'papilio-polyxenes', [['foeniculum-vulgare', 1]], 'sun', 2, 10],
    ['a grown spicebush, dozens', 'northeast-coast', 'papilio-troilus', [['lindera-benzoin', 1]], 'half', 25, 90],
    ['sixteen violets, one fritillary each', 'northeast-coast', 'argynnis-cybele', [['viola-sororia', 16]], 'half', 8, 24],
    [
      'two corkystem vines, a dozen or two before they are bare',
      'florida-peninsula',
      'dione-vanillae',
      [['passiflora-suberosa', 2]],
      'half',
      5,
      30,
    ],
    ['two maypops', 'gulf-coast', 'dione-vanillae', [['passiflora-incarnata', 2]], 'sun', 15, 90],
    ['a grown pipe vine, scores', 'appalachian-highlands', 'battus-philenor', [['aristolochia-macrophylla', 1]], 'half', 30, 150],
    [
      'nine small pipevines of the desert, two or three each',
      'southwest-sky-islands',
      'battus-philenor',
      [['aristolochia-watsonii', 9]],
      'half',
      5,
      32,
    ],
    [
      'a grown white oak, more than anybody counts',
      'mid-atlantic',
      'antheraea-polyphemus',
      [['quercus-alba', 1]],
      'sun',
      100,
      3000,
    ],
    ['a tulip tree', 'mid-atlantic', 'papilio-glaucus', [['liriodendron-tulipifera', 1]], 'sun', 100, 5000],
    [
      'a pussy willow, a clutch of mourning cloaks and more',
      'upper-midwest',
      'nymphalis-antiopa',
      [['salix-discolor', 1]],
      'damp',
      40,
      300,
    ],
    [
      'five turtleheads, a clutch of Baltimores',
      'northeast-coast',
      'euphydryas-phaeton',
      [['chelone-glabra', 5]],
      'damp',
      25,
      110,
    ],
    [
      'nine pussytoes, one lady each',
      'northeast-coast',
      'vanessa-virginiensis',
      [['antennaria-plantaginifolia', 9]],
      'dry',
      4,
      20,
    ],
    ['a coontie, a few dozen atalas', 'florida-peninsula', 'eumaeus-atala', [['zamia-integrifolia', 1]], 'dry', 12, 110],
    ['a privet senna, scores of sulphurs', 'florida-peninsula', 'phoebis-sennae', [['senna-ligustrina', 1]], 'sun', 25, 110],
    ['a wild lime', 'florida-peninsula', 'papilio-cresphontes', [['zanthoxylum-fagara', 1]], 'sun', 25, 120],
    [
      'nine lupines in bud, a few silvery blues each',
      'rocky-mountains',
      'glaucopsyche-lygdamus',
      [['lupinus-argenteus', 9]],
      'gravel',
      10,
      90,
    ],
  ])('%s', (_, region, target, rows, bed, least, most) => {
    const found = larvae(region, target, rows, bed);
    expect(found).toBeGreaterThanOrEqual(least);
    expect(found).toBeLessThanOrEqual(most);
  });
});

describe('does this bed feed that guest then', () => {
  const nectar = (region: string, target: string, rows: [string, number][], bed: Bed, halfMonth: number, ambition: Ambition) =>
    served(region, target, rows, bed, ambition)
      .needs.find(({ need }) => need.stage === 'nectar')
      ?.cells.find((cell) => cell.halfMonth === halfMonth)?.verdict;
  it.each<[string, string, string, [string, number][], Bed, number, Ambition, 'closed' | 'thin' | 'open']>([
    [
      'asters and goldenrod feed monarchs in late September',
      'northeast-coast',
      'danaus-plexippus',
      [
        ['symphyotrichum-novae-angliae', 5],
        ['solidago-sempervirens', 5],
      ],
      'sun',
      17,
      'breeds',
      'closed',
    ],
    [
      'and not in June',
      'northeast-coast',
      'danaus-plexippus',
      [
        ['symphyotrichum-novae-angliae', 5],
        ['solidago-sempervirens', 5],
      ],
      'sun',
      11,
      'breeds',
      'open',
    ],
    [
      'bergamot alone draws a passing monarch in July',
      'upper-midwest',
      'danaus-plexippus',
      [['monarda-fistulosa', 7]],
      'sun',
      13,
      'visits',
      'closed',
    ],
    [
      'one kind is thin for those that breed',
      'upper-midwest',
      'danaus-plexippus',
      [['monarda-fistulosa', 7]],
      'sun',
      13,
      'breeds',
      'thin',
    ],
    [
      'bergamot and coneflower do',
      'upper-midwest',
      'danaus-plexippus',
      [
        ['monarda-fistulosa', 7],
        ['echinacea-purpurea', 7],
      ],
      'sun',
      13,
      'breeds',
      'closed',
    ],
    [
      'the long tube of Indian pink is a hummingbird’s',
      'southeast-piedmont',
      'archilochus-colubris',
      [['spigelia-marilandica', 12]],
      'half',
      10,
      'visits',
      'closed',
    ],
    [
      'and no skipper’s or hairstreak’s',
      'southeast-piedmont',
      'calycopis-cecrops',
      [['spigelia-marilandica', 12]],
      'half',
      10,
      'visits',
      'open',
    ],
    [
      'cardinal flower and jewelweed feed hummingbirds in August',
      'great-lakes-ohio',
      'archilochus-colubris',
      [
        ['lobelia-cardinalis', 12],
        ['impatiens-capensis', 12],
      ],
      'damp',
      15,
      'breeds',
      'closed',
    ],
    [
      'boneset and asters do not',
      'great-lakes-ohio',
      'archilochus-colubris',
      [
        ['eupatorium-perfoliatum', 9],
        ['symphyotrichum-novae-angliae', 9],
      ],
      'damp',
      16,
      'breeds',
      'open',
    ],
    [
      'columbine feeds the first hummingbirds of May',
      'northeast-coast',
      'archilochus-colubris',
      [['aquilegia-canadensis', 20]],
      'half',
      9,
      'visits',
      'closed',
    ],
    [
      'a tulip tree’s flowers are for bees and birds, not for a passing tiger',
      'mid-atlantic',
      'papilio-glaucus',
      [['liriodendron-tulipifera', 1]],
      'sun',
      10,
      'visits',
      'open',
    ],
    [
      'Joe-Pye and ironweed feed tigers in August',
      'mid-atlantic',
      'papilio-glaucus',
      [
        ['eutrochium-fistulosum', 3],
        ['vernonia-noveboracensis', 3],
      ],
      'damp',
      15,
      'breeds',
      'closed',
    ],
    ['a single zinnia is no garden', 'mid-atlantic', 'papilio-glaucus', [['zinnia-elegans', 1]], 'sun', 14, 'breeds', 'open'],
    [
      'two dozen are, with verbena',
      'mid-atlantic',
      'papilio-glaucus',
      [
        ['zinnia-elegans', 24],
        ['verbena-bonariensis', 9],
      ],
      'sun',
      14,
      'breeds',
      'closed',
    ],
    [
      'corkystem alone carries nobody',
      'florida-peninsula',
      'dione-vanillae',
      [['passiflora-suberosa', 6]],
      'half',
      0,
      'visits',
      'open',
    ],
    [
      'porterweed and beach sunflower do in October',
      'florida-peninsula',
      'heliconius-charithonia',
      [
        ['helianthus-debilis', 4],
        ['stachytarpheta-jamaicensis', 3],
      ],
      'sun',
      19,
      'breeds',
      'closed',
    ],
    [
      'mint and milkweed feed a great spangled in July',
      'great-lakes-ohio',
      'argynnis-cybele',
      [
        ['monarda-fistulosa', 6],
        ['asclepias-incarnata', 6],
      ],
      'damp',
      13,
      'breeds',
      'closed',
    ],
    ['violets do not', 'great-lakes-ohio', 'argynnis-cybele', [['viola-sororia', 40]], 'half', 13, 'breeds', 'open'],
    [
      'rabbitbrush and aster feed ladies of the basin in September',
      'interior-northwest',
      'vanessa-cardui',
      [
        ['ericameria-nauseosa', 3],
        ['symphyotrichum-ascendens', 6],
      ],
      'gravel',
      17,
      'breeds',
      'closed',
    ],
    [
      'California fuchsia feeds Anna’s in September',
      'california-coast',
      'calypte-anna',
      [['epilobium-canum', 9]],
      'gravel',
      17,
      'visits',
      'closed',
    ],
  ])('%s', (_, region, target, rows, bed, halfMonth, ambition, verdict) => {
    expect(nectar(region, target, rows, bed, halfMonth, ambition)).toBe(verdict);
  });
});
