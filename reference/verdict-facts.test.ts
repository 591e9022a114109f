import { describe, expect, it } from 'vitest';
import { almanacFor } from '../core/almanac/almanac';
import { regionalGarden } from '../core/library/regional-garden';
import { fit } from '../core/match/fit/fit';
import type { Dimension } from '../core/match/fit/dimensions';
import type { FitPlace, FitVerdict } from '../core/model/here';
import type { Site } from '../core/model/garden';
import { site } from '../core/testing/worked-garden';
import { readLibrary } from '../scripts/reference-files';

/**
 * What growers of each region would sign of a plant in a place: written down from their practice, before the rules that
 * are tested here. Nineteen of twenty must agree, with the dimension that decides, and none may be two steps off.
 */
const { library } = readLibrary();

/** Places in a garden, beside an ordinary sunny border of loam. */
const SITES = {
  border: {},
  acidBorder: { ph: 5.5 },
  // An open yard as it is computed from the sun's path.
  openLoam: { sun_h: 13.7 },
  openWetClay: { sun_h: 13.7, texture: 'clay', drainage: 'wet', moisture: 5 },
  openMeadow: { sun_h: 13.7, drainage: 'moderate', moisture: 4 },
  openSand: { sun_h: 13.7, texture: 'sand', drainage: 'sharp', moisture: 2, ph: 6 },
  bank: { sun_h: 10, texture: 'sand', drainage: 'sharp', moisture: 1, ph: 6 },
  dune: { sun_h: 11, texture: 'sand', drainage: 'sharp', moisture: 2, salt: 'high', ph: 7 },
  roadside: { drainage: 'moderate', moisture: 2, salt: 'some', ph: 7 },
  saltyRoadside: { drainage: 'moderate', moisture: 2, salt: 'high', ph: 7 },
  swale: { sun_h: 7, drainage: 'moderate', moisture: 4, ph: 6 },
  acidSwale: { sun_h: 7, drainage: 'moderate', moisture: 4, ph: 4.8 },
  bog: { sun_h: 7, texture: 'clay', drainage: 'wet', moisture: 5, ph: 6 },
  woods: { sun_h: 3, sun_when: 'morning', drainage: 'moderate', ph: 6 },
  deepShade: { sun_h: 0.5, moisture: 2 },
  halfMorning: { sun_h: 4.5, sun_when: 'morning', ph: 5.5 },
  halfAfternoon: { sun_h: 4.5, sun_when: 'afternoon' },
  clay: { texture: 'clay', drainage: 'moderate' },
  redClay: { texture: 'clay', drainage: 'moderate', ph: 5.5 },
  limyClay: { texture: 'clay', drainage: 'moderate', ph: 7.4 },
  dryBed: { sun_h: 9, moisture: 2 },
  limestone: { sun_h: 10, drainage: 'sharp', moisture: 1, ph: 8 },
  gravel: { sun_h: 11, texture: 'sand', drainage: 'sharp', moisture: 1, ph: 7 },
  limyGravel: { sun_h: 11, texture: 'sand', drainage: 'sharp', moisture: 1, ph: 7.8 },
  alkaliFlat: { sun_h: 12, texture: 'clay', drainage: 'moderate', ph: 8.6, salt: 'high' },
  hotWall: { sun_h: 7, sun_when: 'afternoon', drainage: 'sharp', moisture: 1 },
  winterWetClay: { texture: 'clay', drainage: 'wet', moisture: 4 },
  lawnCutOut: { area_m2: 3 },
  smallBed: { area_m2: 8 },
  pot5: { kind: 'container', volume_l: 5, area_m2: 0.06 },
  pot20: { kind: 'container', volume_l: 20, area_m2: 0.12 },
  pot45: { kind: 'container', volume_l: 45, area_m2: 0.2 },
} satisfies Record<string, Partial<Site>>;

type Fact = [plant: string, at: keyof typeof SITES, verdict: FitVerdict, by?: Dimension];
/** By region; the middle of its half-zones counts where none is named. */
const FACTS: [region: string, over: Partial<FitPlace>, facts: Fact[]][] = [
  [
    'upper-midwest',
    {},
    [
      ['chelone-glabra', 'openWetClay', 'thrives'],
      ['lobelia-cardinalis', 'openWetClay', 'thrives'],
      ['lobelia-siphilitica', 'openWetClay', 'thrives'],
      ['zizia-aurea', 'openMeadow', 'thrives'],
      ['impatiens-capensis', 'openWetClay', 'thrives'],
      ['boehmeria-cylindrica', 'openWetClay', 'thrives'],
      ['asclepias-incarnata', 'openWetClay', 'thrives'],
      ['eupatorium-perfoliatum', 'openWetClay', 'thrives'],
      ['asclepias-tuberosa', 'openWetClay', 'unsuitable', 'drainage'],
      ['echinacea-purpurea', 'openWetClay', 'unsuitable', 'drainage'],
      ['aquilegia-canadensis', 'openLoam', 'workable', 'sun'],
      ['eutrochium-purpureum', 'openLoam', 'workable', 'sun'],
      ['lupinus-perennis', 'openSand', 'thrives'],
      ['viola-pedata', 'openSand', 'thrives'],
      ['lobelia-cardinalis', 'openSand', 'unsuitable', 'moisture'],
      ['monarda-fistulosa', 'openLoam', 'thrives'],
      ['asclepias-syriaca', 'openLoam', 'thrives'],
      ['amorpha-canescens', 'openLoam', 'workable', 'moisture'],
      ['buddleja-davidii', 'openLoam', 'unsuitable', 'cold'],
      ['zinnia-elegans', 'openLoam', 'thrives'],
      ['populus-tremuloides', 'openLoam', 'thrives'],
      ['geranium-maculatum', 'woods', 'thrives'],
      ['symphyotrichum-novae-angliae', 'woods', 'unsuitable', 'sun'],
    ],
  ],
  [
    'northeast-coast',
    {},
    [
      ['asclepias-tuberosa', 'bank', 'thrives'],
      ['ionactis-linariifolia', 'bank', 'thrives'],
      ['baptisia-tinctoria', 'bank', 'thrives'],
      ['eurybia-divaricata', 'bank', 'unsuitable', 'sun'],
      ['lindera-benzoin', 'bank', 'unsuitable', 'moisture'],
      ['prunus-maritima', 'dune', 'thrives'],
      ['solidago-sempervirens', 'dune', 'thrives'],
      ['lathyrus-japonicus', 'dune', 'thrives'],
      ['asclepias-incarnata', 'dune', 'unsuitable', 'moisture'],
      ['cephalanthus-occidentalis', 'bog', 'thrives'],
      ['clethra-alnifolia', 'swale', 'thrives'],
      ['vaccinium-corymbosum', 'acidSwale', 'thrives'],
      ['vaccinium-corymbosum', 'border', 'unsuitable', 'ph'],
      ['monarda-didyma', 'swale', 'thrives'],
      ['eurybia-divaricata', 'woods', 'thrives'],
      ['lindera-benzoin', 'woods', 'thrives'],
      ['lonicera-sempervirens', 'roadside', 'thrives'],
      ['viburnum-dentatum', 'saltyRoadside', 'workable', 'salt'],
      ['cornus-florida', 'saltyRoadside', 'unsuitable', 'salt'],
    ],
  ],
  [
    'northern-forest',
    { half_zone: '4b' },
    [
      ['chelone-glabra', 'openMeadow', 'thrives'],
      ['lupinus-polyphyllus', 'acidBorder', 'thrives'],
      ['salvia-coccinea', 'border', 'thrives'],
      ['betula-papyrifera', 'border', 'thrives'],
      ['cercis-canadensis', 'border', 'unsuitable', 'cold'],
      ['lonicera-sempervirens', 'pot45', 'unsuitable', 'cold'],
    ],
  ],
  [
    'mid-atlantic',
    { half_zone: '7b' },
    [
      ['lantana-camara', 'border', 'workable', 'cold'],
      ['echinacea-purpurea', 'border', 'thrives'],
      ['monarda-fistulosa', 'clay', 'thrives'],
      ['lupinus-perennis', 'clay', 'unsuitable', 'texture'],
      ['phlox-paniculata', 'border', 'thrives'],
      ['hibiscus-coccineus', 'bog', 'thrives'],
      ['asimina-triloba', 'woods', 'thrives'],
      ['lobelia-cardinalis', 'border', 'workable', 'moisture'],
      ['rhododendron-periclymenoides', 'acidBorder', 'workable', 'sun'],
      ['asclepias-incarnata', 'deepShade', 'unsuitable', 'sun'],
      ['liriodendron-tulipifera', 'lawnCutOut', 'thrives'],
      ['cercis-canadensis', 'smallBed', 'thrives'],
      ['asclepias-incarnata', 'pot20', 'workable', 'container'],
      ['zinnia-elegans', 'pot20', 'thrives'],
      ['liriodendron-tulipifera', 'pot20', 'unsuitable', 'container'],
      ['buddleja-davidii', 'pot5', 'unsuitable', 'container'],
    ],
  ],
  [
    'appalachian-highlands',
    {},
    [
      ['chelone-lyonii', 'swale', 'thrives'],
      ['rhododendron-calendulaceum', 'halfMorning', 'thrives'],
      ['symphyotrichum-laeve', 'border', 'thrives'],
      ['phlox-divaricata', 'woods', 'thrives'],
      ['solidago-odora', 'bank', 'thrives'],
      ['rudbeckia-laciniata', 'swale', 'thrives'],
    ],
  ],
  [
    'great-lakes-ohio',
    {},
    [
      ['symphyotrichum-novae-angliae', 'limyClay', 'thrives'],
      ['liatris-spicata', 'limyClay', 'thrives'],
      ['vaccinium-corymbosum', 'limyClay', 'unsuitable', 'ph'],
      ['verbena-hastata', 'winterWetClay', 'thrives'],
      ['asclepias-tuberosa', 'limyClay', 'unsuitable', 'drainage'],
      ['cornus-florida', 'halfMorning', 'thrives'],
      ['panicum-virgatum', 'roadside', 'thrives'],
    ],
  ],
  [
    'central-tallgrass',
    {},
    [
      ['echinacea-pallida', 'dryBed', 'thrives'],
      ['liatris-pycnostachya', 'openLoam', 'thrives'],
      ['castilleja-miniata', 'openLoam', 'unsuitable', 'heat'],
      ['chamaenerion-angustifolium', 'openLoam', 'unsuitable', 'heat'],
      ['hosta-ventricosa', 'openLoam', 'unsuitable', 'sun'],
      ['cephalanthus-occidentalis', 'bog', 'thrives'],
      ['bouteloua-curtipendula', 'dryBed', 'thrives'],
      ['ratibida-pinnata', 'clay', 'thrives'],
    ],
  ],
  [
    'southeast-piedmont',
    {},
    [
      ['conoclinium-coelestinum', 'redClay', 'thrives'],
      ['passiflora-incarnata', 'redClay', 'thrives'],
      ['ceanothus-thyrsiflorus', 'redClay', 'unsuitable', 'humidity'],
      ['lupinus-perennis', 'redClay', 'unsuitable', 'texture'],
      ['cornus-florida', 'openLoam', 'workable', 'sun'],
      ['hydrangea-macrophylla', 'acidBorder', 'workable', 'sun'],
      ['asclepias-exaltata', 'openLoam', 'unsuitable', 'heat'],
      ['aesculus-pavia', 'woods', 'thrives'],
      ['asclepias-humistrata', 'bank', 'thrives'],
      ['asclepias-incarnata', 'bank', 'unsuitable', 'moisture'],
    ],
  ],
  [
    'florida-peninsula',
    { half_zone: '10a' },
    [
      ['carphephorus-corymbosus', 'bank', 'thrives'],
      ['helianthus-debilis', 'dune', 'thrives'],
      ['gaillardia-pulchella', 'dune', 'thrives'],
      ['asclepias-incarnata', 'dune', 'unsuitable', 'moisture'],
      ['zephyranthes-atamasco', 'openSand', 'workable', 'moisture'],
      ['salix-caroliniana', 'dryBed', 'unsuitable', 'moisture'],
      ['asclepias-incarnata', 'swale', 'workable', 'heat'],
      ['solidago-sempervirens', 'border', 'thrives'],
      ['lonicera-sempervirens', 'border', 'thrives'],
      ['pentas-lanceolata', 'border', 'thrives'],
      ['populus-tremuloides', 'border', 'unsuitable', 'heat'],
    ],
  ],
  [
    'gulf-coast',
    {},
    [
      ['asclepias-perennis', 'bog', 'thrives'],
      ['phlox-pilosa', 'acidBorder', 'thrives'],
      ['salvia-spathacea', 'acidBorder', 'unsuitable', 'humidity'],
      ['cuphea-ignea', 'border', 'thrives'],
      ['passiflora-incarnata', 'border', 'thrives'],
    ],
  ],
  [
    'texas-hills-brush',
    {},
    [
      ['asclepias-asperula', 'limestone', 'thrives'],
      ['salvia-greggii', 'limestone', 'thrives'],
      ['lupinus-texensis', 'limestone', 'thrives'],
      ['vaccinium-corymbosum', 'limestone', 'unsuitable', 'ph'],
      ['quercus-alba', 'limestone', 'unsuitable', 'ph'],
      ['impatiens-walleriana', 'hotWall', 'unsuitable', 'moisture'],
    ],
  ],
  [
    'northern-plains',
    {},
    [
      ['liatris-punctata', 'gravel', 'thrives'],
      ['echinacea-angustifolia', 'dryBed', 'thrives'],
      ['eutrochium-maculatum', 'dryBed', 'unsuitable', 'moisture'],
      ['asclepias-speciosa', 'openLoam', 'thrives'],
    ],
  ],
  [
    'rocky-mountains',
    {},
    [
      ['penstemon-strictus', 'gravel', 'thrives'],
      ['ipomopsis-aggregata', 'gravel', 'thrives'],
      ['chelone-glabra', 'gravel', 'unsuitable', 'moisture'],
      ['lobelia-cardinalis', 'gravel', 'unsuitable', 'moisture'],
    ],
  ],
  [
    'rocky-mountains',
    { half_zone: '4a', summer: 'cool' },
    [
      ['aquilegia-coerulea', 'openMeadow', 'thrives'],
      ['castilleja-miniata', 'openMeadow', 'thrives'],
    ],
  ],
  [
    'interior-northwest',
    {},
    [
      ['eriogonum-umbellatum', 'gravel', 'thrives'],
      ['balsamorhiza-sagittata', 'gravel', 'thrives'],
      ['asclepias-speciosa', 'border', 'thrives'],
      ['sporobolus-airoides', 'alkaliFlat', 'thrives'],
      ['rhododendron-viscosum', 'gravel', 'unsuitable', 'moisture'],
    ],
  ],
  [
    'southwest-sky-islands',
    {},
    [
      ['sphaeralcea-ambigua', 'limyGravel', 'thrives'],
      ['baileya-multiradiata', 'limyGravel', 'thrives'],
      ['asclepias-linaria', 'limyGravel', 'thrives'],
      ['eupatorium-perfoliatum', 'limyGravel', 'unsuitable', 'moisture'],
      ['aquilegia-chrysantha', 'halfMorning', 'thrives'],
      ['hydrangea-macrophylla', 'hotWall', 'unsuitable', 'moisture'],
    ],
  ],
  [
    'california-coast',
    { half_zone: '10a' },
    [
      ['eriogonum-latifolium', 'dune', 'thrives'],
      ['grindelia-stricta', 'dune', 'thrives'],
      ['quercus-chrysolepis', 'dryBed', 'thrives'],
      ['anaphalis-margaritacea', 'dryBed', 'thrives'],
      ['tropaeolum-majus', 'border', 'thrives'],
      ['lupinus-albifrons', 'gravel', 'thrives'],
    ],
  ],
  [
    'california-interior',
    {},
    [
      ['epilobium-canum', 'gravel', 'thrives'],
      ['asclepias-fascicularis', 'dryBed', 'thrives'],
      ['acer-rubrum', 'gravel', 'unsuitable', 'moisture'],
      ['aristolochia-californica', 'halfMorning', 'thrives'],
    ],
  ],
  [
    'pacific-northwest',
    {},
    [
      ['dicentra-formosa', 'woods', 'thrives'],
      ['aquilegia-formosa', 'border', 'thrives'],
      ['chelone-glabra', 'openMeadow', 'thrives'],
      ['eriophyllum-lanatum', 'openSand', 'thrives'],
      ['eriophyllum-lanatum', 'winterWetClay', 'unsuitable', 'drainage'],
      ['carex-obnupta', 'bog', 'thrives'],
      ['camassia-leichtlinii', 'swale', 'thrives'],
      ['agastache-rupestris', 'winterWetClay', 'unsuitable', 'drainage'],
    ],
  ],
];

const STEPS: readonly FitVerdict[] = ['thrives', 'workable', 'unsuitable'];
const judged = FACTS.flatMap(([region, over, facts]) => {
  const almanac = almanacFor(library, regionalGarden(library, region));
  const place = { ...almanac.place, ...over };
  return facts.map(([plant, at, verdict, by]) => {
    const found = fit(almanac.plants.get(plant)!.plant, site(at, { area_m2: 40, ...SITES[at] } as Partial<Site>), place);
    const decides = by === undefined || found.limits.some(({ dimension }) => dimension === by);
    return {
      fact: `${region}: ${plant} on ${at}`,
      stated: verdict,
      found: found.verdict,
      limits: found.limits.map(({ dimension }) => dimension).join(' '),
      agrees: found.verdict === verdict && decides,
      off: Math.abs(STEPS.indexOf(found.verdict) - STEPS.indexOf(verdict)),
    };
  });
});

describe('what growers would sign', () => {
  it('is asked of 120 plants and sites or more, in every region', () => {
    expect(judged.length).toBeGreaterThanOrEqual(120);
    expect(new Set(FACTS.map(([region]) => region))).toEqual(new Set(library.regions.map(({ id }) => id)));
    expect(new Set(judged.map(({ fact }) => fact)).size).toBe(judged.length);
  });
  it('is never two steps off', () => expect(judged.filter(({ off }) => off > 1)).toEqual([]));
  it('agrees in nineteen of twenty', () => {
    const others = judged.filter(({ agrees }) => !agrees);
    expect(others.length, others.map((row) => JSON.stringify(row)).join('\n')).toBeLessThanOrEqual(0.05 * judged.length);
  });
});
