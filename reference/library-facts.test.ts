import { describe, expect, it } from 'vitest';
import { almanacFor } from '../core/almanac/almanac';
import { regionalGarden } from '../core/library/regional-garden';
import { resolveHosts } from '../core/library/hosts';
import { isListed } from '../core/library/status';
import { regionTrade } from '../core/match/library-check';
import { SETTINGS } from '../core/settings';
import { readLibrary } from '../scripts/reference-files';

const { library } = readLibrary();
const plants = new Map(library.plants.map((row) => [row.id, row]));
const hostsOf = (target: string) =>
  resolveHosts(
    library.hosts.filter((row) => row.target === target),
    library.plants,
  );

describe('how much there is', () => {
  it('is 185 creatures and 850 plants at least, each creature with marks, and where it lives', () => {
    expect(library.targets.length).toBeGreaterThanOrEqual(185);
    expect(library.plants.length).toBeGreaterThanOrEqual(850);
    const living = new Set(library.occurrence.map((row) => row.target));
    for (const row of library.targets) {
      expect(living.has(row.id), row.id).toBe(true);
      expect(row.adult_marks.length, row.id).toBeGreaterThan(20);
    }
  });
  it('of no plant is anything at a default, and none with guesses passes for sure', () => {
    for (const row of library.plants) expect(row.basis, row.id).not.toContain('default');
  });
  it('in every region nine in ten easy creatures have a host in trade, and natives in trade flower while they fly', () => {
    for (const { region, easy, hostless, bare } of regionTrade(library)) {
      expect(hostless.length, `${region}: ${hostless.join()}`).toBeLessThanOrEqual(SETTINGS.broods.easyWithoutTrade * easy);
      expect(bare, region).toEqual([]);
    }
  });
});

/** What a naturalist would sign of who lives on what: [creature, plant, rank, or null where it is no host]. */
const HOSTS: [string, string, string | null][] = [
  ['papilio-canadensis', 'liriodendron-tulipifera', 'trap'],
  ['papilio-glaucus', 'populus-tremuloides', 'poor'],
  ['danaus-plexippus', 'cynanchum-laeve', 'accepted'],
  ['danaus-plexippus', 'vincetoxicum-nigrum', 'trap'],
  ['danaus-plexippus', 'apocynum-cannabinum', null],
  ['battus-philenor', 'aristolochia-gigantea', 'trap'],
  ['battus-philenor', 'aristolochia-watsonii', 'primary'],
  ['dione-vanillae', 'passiflora-coccinea', 'trap'],
  ['callophrys-henrici', 'cercis-canadensis', 'primary'],
  ['callophrys-niphon', 'pinus-strobus', 'primary'],
  ['chlosyne-harrisii', 'doellingeria-umbellata', 'primary'],
  ['chlosyne-harrisii', 'symphyotrichum-laeve', null],
  ['zerene-eurydice', 'amorpha-californica', 'primary'],
  ['euphydryas-editha', 'plantago-erecta', 'primary'],
  ['erynnis-lucilius', 'aquilegia-canadensis', 'primary'],
  ['libytheana-carinenta', 'celtis-laevigata', 'primary'],
  ['calpodes-ethlius', 'canna-flaccida', 'primary'],
  ['atlides-halesus', 'phoradendron-leucarpum', 'primary'],
  ['anaea-andria', 'croton-capitatus', 'primary'],
  ['ceratomia-catalpae', 'catalpa-speciosa', 'primary'],
  ['xylophanes-tersa', 'pentas-lanceolata', 'primary'],
  ['euchaetes-egle', 'asclepias-syriaca', 'primary'],
  ['callosamia-angulifera', 'liriodendron-tulipifera', 'primary'],
  ['papilio-machaon', 'artemisia-dracunculus', 'primary'],
  ['argynnis-diana', 'viola-wittrockiana', 'poor'],
  ['phoebis-philea', 'senna-alata', 'primary'],
  ['neophasia-menapia', 'pinus-ponderosa', 'primary'],
  ['colias-interior', 'vaccinium-angustifolium', 'primary'],
  ['papilio-zelicaon', 'citrus-limon', 'accepted'],
  ['celastrina-echo', 'aesculus-californica', 'accepted'],
  ['eumaeus-atala', 'zamia-integrifolia', 'primary'],
];
describe('who lives on what', () => {
  it.each(HOSTS)('%s on %s: %s', (target, plant, rank) => {
    expect(plants.has(plant)).toBe(true);
    expect(hostsOf(target).get(plant)?.rank ?? null).toBe(rank);
  });
});

describe('what is never planted', () => {
  it.each([
    'conium-maculatum',
    'cicuta-maculata',
    'heracleum-mantegazzianum',
    'toxicodendron-radicans',
    'toxicodendron-diversilobum',
    'toxicodendron-vernix',
    'pastinaca-sativa',
    'toxicoscordion-venenosum',
    'ailanthus-altissima',
    'reynoutria-japonica',
    'imperata-cylindrica',
    'pueraria-montana',
  ])('%s is known as such, with a grave caution and no way to raise it', (id) => {
    expect(plants.get(id)!.manners).toBe('never');
    expect(library.cautions.some((row) => row.plant === id && row.severity === 3)).toBe(true);
    expect(library.propagation.find((row) => row.plant === id)).toMatchObject({ never: true });
  });
  it('what is listed anywhere is nowhere said to be harmless everywhere', () => {
    for (const row of library.status)
      if (isListed(row.status))
        expect(
          library.status.some((other) => other.plant === row.plant && other.place === 'anywhere'),
          row.plant,
        ).toBe(false);
  });
  it.each([
    ['digitalis-purpurea', 'people'],
    ['nerium-oleander', 'pets'],
    ['brugmansia-suaveolens', 'people'],
    ['lilium-philadelphicum', 'pets'],
    ['kalmia-latifolia', 'livestock'],
    ['melia-azedarach', 'people'],
  ])('%s is grave for %s', (plant, hazard) => {
    expect(library.cautions.find((row) => row.plant === plant && row.hazard === hazard)?.severity).toBe(3);
  });
});

describe('values that are no defaults', () => {
  it.each([
    ['lantana-camara', 0],
    ['salvia-leucantha', 0],
    ['hamelia-patens', 0],
    ['salvia-farinacea', 0],
    ['lilium-superbum', 2],
    ['erythronium-americanum', 4],
    ['baptisia-australis', 3],
    ['quercus-alba', 20],
  ])('%s flowers %s years after it is planted', (id, years) => expect(plants.get(id)!.years_to_flower).toBe(years));
  it.each([
    ['baptisia-australis', 30, 60],
    ['glandularia-canadensis', 2, 4],
    ['liriodendron-tulipifera', 100, 400],
    ['echinacea-purpurea', 5, 12],
    ['silphium-perfoliatum', 15, 60],
    ['salvia-greggii', 5, 15],
  ])('%s lives %s to %s years', (id, from, to) => {
    expect(plants.get(id)!.life_years).toBeGreaterThanOrEqual(from);
    expect(plants.get(id)!.life_years).toBeLessThanOrEqual(to);
  });
  it.each(['anisacanthus-wrightii', 'eysenhardtia-texana', 'leucophyllum-frutescens', 'viguiera-dentata', 'tecoma-stans'])(
    '%s bears the limestone it comes from',
    (id) => expect(plants.get(id)!.ph_max).toBeGreaterThanOrEqual(8),
  );
  it('natives of Florida bear the winters of Tampa', () => {
    const native = library.status.filter((row) => row.place === 'florida-peninsula' && row.status === 'native');
    const cold = native.filter(({ plant }) => {
      const { kind, zone_max } = plants.get(plant)!;
      return kind !== 'annual' && /^[1-9][ab]$/.test(zone_max);
    });
    expect(cold.map((row) => row.plant)).toEqual([]);
  });
});

describe('where creatures are', () => {
  const at = (region: string, half_zone: string) =>
    almanacFor(library, { ...regionalGarden(library, region), half_zone }).targets;
  it('Key West has the julia and the malachite, and neither tiger nor zebra swallowtail', () => {
    const there = at('florida-peninsula', '11b');
    expect(['dryas-iulia', 'siproeta-stelenes', 'phoebis-philea'].every((id) => there.has(id))).toBe(true);
    expect(['papilio-glaucus', 'eurytides-marcellus', 'calephelis-nemesis'].some((id) => there.has(id))).toBe(false);
  });
  it('the western clearing hawkmoth flies west of the plains, where its eastern kin does not', () => {
    for (const region of ['pacific-northwest', 'california-coast', 'rocky-mountains']) {
      const there = at(region, library.regions.find((row) => row.id === region)!.zone_max);
      expect([there.has('hemaris-thetis'), there.has('hemaris-diffinis')], region).toEqual([true, false]);
    }
  });
  it('the cabbage white is everywhere, brought from elsewhere', () => {
    const rows = library.occurrence.filter((row) => row.target === 'pieris-rapae');
    expect(rows).toHaveLength(18);
    expect(new Set(rows.map((row) => row.status))).toEqual(new Set(['introduced']));
  });
});

describe('what each ground has to choose from', () => {
  const inTrade = (region: string) =>
    library.status
      .filter((row) => row.place === region && row.status === 'native')
      .map((row) => plants.get(row.plant)!)
      .filter(({ trade }) => trade === 'common' || trade === 'native-nurseries')
      .filter((row) => row.nectar_butterfly + row.nectar_hummingbird + row.nectar_moth > 0);
  it.each(library.regions.map((row) => row.id))(
    '%s: natives with nectar, in trade, for shade, wet, dry ground and pots',
    (region) => {
      const here = inTrade(region);
      expect(here.filter((row) => row.sun_min_h <= 2).length, 'deep shade').toBeGreaterThanOrEqual(4);
      expect(here.filter((row) => row.moisture_max === 5).length, 'wet ground').toBeGreaterThanOrEqual(10);
      expect(here.filter((row) => row.moisture_min === 1).length, 'dry ground').toBeGreaterThanOrEqual(15);
      expect(here.filter((row) => row.container !== 'no').length, 'pots').toBeGreaterThanOrEqual(25);
    },
  );
  it('Tampa’s shade has wild coffee and California’s springs have a scarlet flower', () => {
    expect(inTrade('florida-peninsula').map((row) => row.id)).toContain('psychotria-nervosa');
    const scarlet = plants.get('erythranthe-cardinalis')!;
    expect([scarlet.moisture_max, scarlet.nectar_hummingbird]).toEqual([5, 3]);
    expect(inTrade('california-coast')).toContain(scarlet);
  });
});

it('nothing foreign to every region comes from native nurseries', () => {
  const native = new Set(library.status.filter((row) => row.status === 'native').map((row) => row.plant));
  const foreign = library.plants.filter((row) => row.trade === 'native-nurseries' && !native.has(row.id));
  expect(foreign.map((row) => row.id)).toEqual([]);
});

describe('easily mistaken', () => {
  it.each([
    ['manduca-sexta', 'manduca-quinquemaculata'],
    ['satyrium-calanus', 'satyrium-edwardsii'],
    ['erynnis-juvenalis', 'erynnis-horatius'],
    ['leptotes-marina', 'hemiargus-ceraunus'],
    ['phoebis-philea', 'phoebis-agarithe'],
    ['polygonia-comma', 'polygonia-progne'],
    ['euphydryas-chalcedona', 'euphydryas-editha'],
  ])('%s and %s have a mark that parts them', (a, b) => {
    expect(library.lookalikes.filter((row) => [row.a, row.b].sort().join() === [a, b].sort().join())).toHaveLength(1);
  });
  it('where only the place or a specialist parts two, the row says it is not sure', () => {
    for (const row of library.lookalikes.filter(({ look, a_mark }) => look === 'Where they fly' || a_mark === 'not told apart'))
      expect(row.confidence, `${row.a} and ${row.b}`).not.toBe('high');
  });
});
