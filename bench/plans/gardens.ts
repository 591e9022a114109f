import type { GardenFields, Planting, Site } from '../../core/model/garden';
import type { PlanWishes } from '../../core/model/wishes';

/** A worked garden: its place and people, its beds, whom it is for, what stands there, and what is wished. */
export interface WorkedGarden {
  name: string;
  region: string;
  garden?: Partial<GardenFields>;
  sites: (Partial<Site> & { name: string; area_m2: number })[];
  /** By priority, the first first; `~` before one that only visits. */
  targets: string;
  stays?: (Partial<Planting> & { plant: string; site: string; count: number })[];
  wishes?: Partial<PlanWishes>;
  raises?: boolean;
}

const round = (top_cm: number, exposure: 'windy' | 'open' | 'sheltered' = 'open') => ({
  shape: 'round' as const,
  top_cm,
  across_cm: null,
  base_cm: Math.round(top_cm * 0.75),
  depth_cm: Math.round(top_cm * 0.9),
  count: 1,
  material: 'glazed' as const,
  exposure,
  winter: 'school' as const,
});
const trough = (top_cm: number, across_cm: number, exposure: 'windy' | 'open' = 'open') => ({
  ...round(top_cm, exposure),
  shape: 'box' as const,
  across_cm,
  depth_cm: 25,
  material: 'plastic' as const,
});
/** A pot as a site; its top and litres follow from its measures. */
const pot = (name: string, measures: ReturnType<typeof round> | ReturnType<typeof trough>, over: Partial<Site> = {}) => {
  const across = measures.across_cm ?? measures.top_cm;
  const area_m2 = (measures.top_cm * across * (measures.shape === 'box' ? 1 : Math.PI / 4)) / 10_000;
  const volume_l = area_m2 * measures.depth_cm * 10 * 0.8;
  return { name, kind: 'container' as const, area_m2, volume_l, pot: measures, sun_h: 6, ...over };
};

/** Gardens of all sorts over the regions, as people have them. Invented, every one. */
export const GARDENS: WorkedGarden[] = [
  {
    name: 'A windy balcony with a cat, mid-Atlantic',
    region: 'mid-atlantic',
    garden: { cats: true },
    sites: [
      pot('Round pot 1', round(40, 'windy')),
      pot('Round pot 2', round(40, 'windy')),
      pot('Trough', trough(80, 20, 'windy')),
      pot('Half-barrel', round(60, 'windy')),
    ],
    targets: 'papilio-polyxenes danaus-plexippus ~archilochus-colubris ~vanessa-virginiensis',
    wishes: { budget_minor: 15000 },
  },
  {
    name: 'A rented flat with two pots and nobody to water much, Ohio',
    region: 'great-lakes-ohio',
    sites: [pot('Sunny pot', round(45)), pot('Step pot', round(35), { sun_h: 4 })],
    targets: '~danaus-plexippus ~papilio-polyxenes ~archilochus-colubris ~vanessa-cardui',
    wishes: { budget_minor: 8000, water: 'some' },
  },
  {
    name: 'A courtyard in pots, Gulf coast',
    region: 'gulf-coast',
    sites: [
      pot('Big pot', round(60)),
      pot('Blue pot', round(50)),
      pot('Wall trough', trough(100, 30)),
      pot('Hot corner', round(40), { sun_h: 9 }),
    ],
    targets: 'dione-vanillae papilio-polyxenes phoebis-sennae ~archilochus-colubris',
  },
  {
    name: 'The fore dune, Florida',
    region: 'florida-peninsula',
    garden: { passers_by: true, half_zone: '10a', school_plants: 'natives-only' },
    sites: [
      { name: 'Fore dune', area_m2: 30, texture: 'sand', drainage: 'sharp', moisture: 1, salt: 'high', sun_h: 11, ph: 7.8 },
      { name: 'Behind the dune', area_m2: 40, texture: 'sand', drainage: 'sharp', moisture: 2, salt: 'some', sun_h: 9, ph: 7.4 },
    ],
    targets: 'dione-vanillae phoebis-sennae junonia-coenia danaus-plexippus danaus-gilippus hylephila-phyleus',
  },
  {
    name: 'A public swale, Tampa',
    region: 'florida-peninsula',
    garden: { passers_by: true, half_zone: '9b' },
    sites: [
      { name: 'Swale', area_m2: 60, moisture: 4, drainage: 'moderate', texture: 'sand', sun_h: 8, ph: 6.2, runoff: 'receives' },
    ],
    targets:
      'danaus-plexippus junonia-coenia anartia-jatrophae phyciodes-phaon papilio-polyxenes danaus-gilippus papilio-glaucus',
    wishes: { natives: 'much' },
  },
  {
    name: 'The same swale with little money and few kinds',
    region: 'florida-peninsula',
    garden: { passers_by: true, half_zone: '9b' },
    sites: [
      { name: 'Swale', area_m2: 60, moisture: 4, drainage: 'moderate', texture: 'sand', sun_h: 8, ph: 6.2, runoff: 'receives' },
    ],
    targets:
      'danaus-plexippus junonia-coenia anartia-jatrophae phyciodes-phaon papilio-polyxenes danaus-gilippus papilio-glaucus',
    wishes: { natives: 'much', budget_minor: 10000, kinds: 'few' },
  },
  {
    name: 'Under live oaks with dogs, Florida',
    region: 'florida-peninsula',
    garden: { dogs: true, half_zone: '9b' },
    sites: [
      { name: 'Dry edge', area_m2: 11, texture: 'sand', drainage: 'sharp', moisture: 2, sun_h: 6, ph: 6 },
      { name: 'Under the oak', area_m2: 20, texture: 'sand', drainage: 'well', moisture: 2, sun_h: 2.5, ph: 5.8 },
    ],
    targets: 'dione-vanillae heliconius-charithonia papilio-cresphontes phoebis-sennae antheraea-polyphemus',
    stays: [{ plant: 'quercus-virginiana', site: 'Under the oak', count: 1 }],
  },
  {
    name: 'A school bed, Florida',
    region: 'florida-peninsula',
    garden: { children: true, half_zone: '9b' },
    sites: [{ name: 'School bed', area_m2: 18, texture: 'sand', drainage: 'well', moisture: 3, sun_h: 8, ph: 6.2 }],
    targets:
      'danaus-plexippus dione-vanillae phoebis-sennae junonia-coenia papilio-polyxenes heliconius-charithonia anartia-jatrophae',
  },
  {
    name: 'Dry shade under maples, Ohio',
    region: 'great-lakes-ohio',
    sites: [{ name: 'Under the maples', area_m2: 35, sun_h: 2.5, moisture: 2, ph: 6.2 }],
    targets: 'celastrina-neglecta papilio-glaucus chlosyne-nycteis epargyreus-clarus argynnis-cybele ~archilochus-colubris',
    stays: [{ plant: 'acer-rubrum', site: 'Under the maples', count: 1 }],
  },
  {
    name: 'A school garden on clay, mid-Atlantic',
    region: 'mid-atlantic',
    garden: { children: true, passers_by: true },
    sites: [
      { name: 'Fence bed', area_m2: 24, texture: 'clay', sun_h: 8 },
      { name: 'Rain corner', area_m2: 9, texture: 'clay', drainage: 'moderate', moisture: 4, sun_h: 7, runoff: 'receives' },
    ],
    targets:
      'danaus-plexippus papilio-polyxenes vanessa-virginiensis phyciodes-tharos epargyreus-clarus archilochus-colubris papilio-glaucus',
  },
  {
    name: 'A prairie strip, Iowa',
    region: 'central-tallgrass',
    sites: [{ name: 'Prairie strip', area_m2: 120, sun_h: 11, ph: 6.8 }],
    targets:
      'danaus-plexippus euptoieta-claudia phyciodes-tharos chlosyne-nycteis cercyonis-pegala burnsius-communis anatrytone-logan colias-philodice argynnis-cybele',
    raises: true,
  },
  {
    name: 'Half an acre in central Minnesota',
    region: 'upper-midwest',
    garden: { half_zone: '4b', deer: 'many' },
    sites: [
      { name: 'Border', area_m2: 45, sun_h: 8 },
      { name: 'Wet corner', area_m2: 46, sun_h: 9, moisture: 5, drainage: 'wet', texture: 'clay', runoff: 'receives' },
      { name: 'Sand bank', area_m2: 30, sun_h: 10, moisture: 2, drainage: 'sharp', texture: 'sand', ph: 6 },
    ],
    targets:
      'danaus-plexippus papilio-canadensis argynnis-cybele boloria-myrina vanessa-virginiensis aglais-milberti limenitis-archippus glaucopsyche-lygdamus phyciodes-cocyta hemaris-diffinis archilochus-colubris nymphalis-antiopa',
    stays: [{ plant: 'populus-tremuloides', site: 'Border', count: 2 }],
  },
  {
    name: 'A small front bed with forty dollars, Minnesota',
    region: 'upper-midwest',
    garden: { half_zone: '4b', passers_by: true },
    sites: [{ name: 'Front bed', area_m2: 6, sun_h: 7 }],
    targets: 'danaus-plexippus vanessa-virginiensis phyciodes-cocyta ~archilochus-colubris',
    wishes: { budget_minor: 6000 },
  },
  {
    name: 'A desert yard, Tucson',
    region: 'southwest-sky-islands',
    garden: { half_zone: '9a', dogs: true },
    sites: [
      { name: 'Gravel front', area_m2: 40, texture: 'sand', drainage: 'sharp', moisture: 1, sun_h: 11, ph: 8 },
      { name: 'Basin', area_m2: 12, texture: 'loam', moisture: 3, sun_h: 8, ph: 7.8, runoff: 'receives' },
    ],
    targets:
      'battus-philenor danaus-gilippus abaeis-nicippe phoebis-sennae chlosyne-lacinia brephidium-exilis calypte-anna archilochus-alexandri',
  },
  {
    name: 'A patio of pots, Phoenix side of the desert',
    region: 'southwest-sky-islands',
    garden: { half_zone: '9b' },
    sites: [pot('Glazed pot', round(60), { sun_h: 6 }), pot('Shade pot', round(45), { sun_h: 4 })],
    targets: '~calypte-anna ~calypte-costae ~danaus-gilippus ~phoebis-sennae',
  },
  {
    name: 'A hedge along a pasture, Piedmont',
    region: 'southeast-piedmont',
    garden: { grazing: true },
    sites: [{ name: 'Hedge strip', area_m2: 60, sun_h: 7, texture: 'clay' }],
    targets:
      'papilio-troilus papilio-glaucus limenitis-arthemis asterocampa-celtis celastrina-neglecta hemaris-diffinis battus-philenor',
  },
  {
    name: 'A rain garden, Boston side of the coast',
    region: 'northeast-coast',
    sites: [{ name: 'Rain garden', area_m2: 14, moisture: 4, drainage: 'moderate', sun_h: 7, runoff: 'receives' }],
    targets: 'danaus-plexippus epargyreus-clarus archilochus-colubris papilio-glaucus phyciodes-tharos limenitis-archippus',
    wishes: { kinds: 'few' },
  },
  {
    name: 'Salt wind and sand, Cape Cod',
    region: 'northeast-coast',
    sites: [
      { name: 'Shore bed', area_m2: 25, texture: 'sand', drainage: 'sharp', moisture: 2, salt: 'high', sun_h: 10, ph: 5.8 },
    ],
    targets: 'danaus-plexippus vanessa-virginiensis lycaena-phlaeas junonia-coenia colias-philodice',
  },
  {
    name: 'A woodland edge, New England upland',
    region: 'northern-forest',
    garden: { deer: 'some' },
    sites: [
      { name: 'Edge', area_m2: 40, sun_h: 5, ph: 5.5 },
      { name: 'Bog side', area_m2: 15, sun_h: 8, moisture: 5, drainage: 'wet', ph: 5.2 },
    ],
    targets:
      'papilio-canadensis limenitis-arthemis argynnis-cybele euphydryas-phaeton boloria-bellona actias-luna archilochus-colubris',
  },
  {
    name: 'A cottage border with pink and purple wished, Asheville',
    region: 'appalachian-highlands',
    sites: [{ name: 'Border', area_m2: 22, sun_h: 7 }],
    targets:
      'danaus-plexippus battus-philenor argynnis-cybele epargyreus-clarus archilochus-colubris junonia-coenia hemaris-thysbe',
    wishes: { colours: ['pink', 'purple', 'white'], fuller: true },
  },
  {
    name: 'A terrace with children, Texas hills',
    region: 'texas-hills-brush',
    garden: { children: true, dogs: true },
    sites: [{ name: 'Terrace', area_m2: 20, texture: 'clay', drainage: 'well', moisture: 2, sun_h: 9, ph: 7.8 }],
    targets:
      'dione-vanillae papilio-polyxenes chlosyne-lacinia danaus-gilippus phyciodes-phaon archilochus-alexandri battus-philenor',
  },
  {
    name: 'A new subdivision lot of bare clay, Dallas side of Texas',
    region: 'texas-hills-brush',
    garden: { half_zone: '8a' },
    sites: [
      { name: 'Front', area_m2: 30, texture: 'clay', moisture: 2, sun_h: 10, ph: 7.9 },
      { name: 'Back fence', area_m2: 30, texture: 'clay', moisture: 3, sun_h: 6, ph: 7.6 },
    ],
    targets:
      'danaus-plexippus papilio-polyxenes papilio-cresphontes euptoieta-claudia vanessa-virginiensis burnsius-communis strymon-melinus archilochus-alexandri',
  },
  {
    name: 'A ranch-house bed, Dakota plains',
    region: 'northern-plains',
    sites: [{ name: 'House bed', area_m2: 25, sun_h: 9, ph: 7.2 }],
    targets: 'danaus-plexippus papilio-polyxenes euptoieta-claudia vanessa-cardui argynnis-cybele colias-philodice hyles-lineata',
    raises: true,
  },
  {
    name: 'A dry slope, Denver',
    region: 'rocky-mountains',
    sites: [{ name: 'Slope', area_m2: 35, sun_h: 9, texture: 'loam', drainage: 'sharp', moisture: 2, ph: 7.5, runoff: 'sheds' }],
    targets:
      'papilio-multicaudata plebejus-melissa burnsius-communis pontia-protodice vanessa-cardui selasphorus-platycercus hyles-lineata',
  },
  {
    name: 'A river lot, Boise',
    region: 'interior-northwest',
    sites: [
      { name: 'River side', area_m2: 30, sun_h: 8, moisture: 4, ph: 7.2 },
      { name: 'Dry bank', area_m2: 25, sun_h: 10, moisture: 1, drainage: 'sharp', texture: 'sand', ph: 7.6 },
    ],
    targets:
      'papilio-zelicaon papilio-rutulus limenitis-lorquini nymphalis-antiopa plebejus-melissa selasphorus-rufus celastrina-echo',
  },
  {
    name: 'A small city garden, Portland',
    region: 'pacific-northwest',
    garden: { cats: true },
    sites: [
      { name: 'South bed', area_m2: 15, sun_h: 7, ph: 6 },
      { name: 'Shady side', area_m2: 10, sun_h: 3, moisture: 3, ph: 5.8 },
    ],
    targets:
      'papilio-zelicaon vanessa-annabella phyciodes-mylitta ochlodes-sylvanoides calypte-anna selasphorus-rufus celastrina-echo',
  },
  {
    name: 'A foggy hillside, California coast',
    region: 'california-coast',
    sites: [{ name: 'Hillside', area_m2: 40, sun_h: 8, texture: 'clay', moisture: 2, ph: 6.8, drainage: 'well' }],
    targets:
      'battus-philenor icaricia-acmon junonia-coenia vanessa-annabella papilio-zelicaon euphydryas-chalcedona calypte-anna selasphorus-sasin',
  },
  {
    name: 'A valley yard under valley heat, Sacramento',
    region: 'california-interior',
    garden: { children: true },
    sites: [{ name: 'Back yard', area_m2: 30, sun_h: 9, texture: 'clay', moisture: 2, ph: 7 }],
    targets:
      'battus-philenor dione-vanillae papilio-rutulus junonia-coenia hylephila-phyleus burnsius-communis calypte-anna papilio-zelicaon',
  },
  {
    name: 'A community plot with this and that wished, Chicago side of the lakes',
    region: 'great-lakes-ohio',
    sites: [
      { name: 'Plot', area_m2: 20, sun_h: 9, ph: 6.8 },
      { name: 'Path edge', area_m2: 6, sun_h: 9, moisture: 2 },
    ],
    targets:
      'danaus-plexippus papilio-polyxenes vanessa-virginiensis cupido-comyntas epargyreus-clarus phyciodes-tharos archilochus-colubris',
    wishes: {
      here: [
        { site: 'Plot', plant: null, host_of: 'danaus-plexippus' },
        { site: 'Path edge', plant: 'schizachyrium-scoparium', host_of: null },
      ],
      tallest_cm: { 'Path edge': 120 },
    },
  },
  {
    name: 'A bed of natives only for a nature centre, Georgia',
    region: 'southeast-piedmont',
    garden: { school_plants: 'natives-only', passers_by: true },
    sites: [
      { name: 'Entrance', area_m2: 18, sun_h: 8, texture: 'clay' },
      { name: 'Woods path', area_m2: 25, sun_h: 3, ph: 5.6 },
    ],
    targets:
      'danaus-plexippus battus-philenor papilio-troilus eurytides-marcellus dione-vanillae phyciodes-tharos archilochus-colubris celastrina-neglecta',
  },
];
