import { describe, expect, it } from 'vitest';
import { almanacFor } from '../core/almanac/almanac';
import { regionalGarden } from '../core/library/regional-garden';
import { LARVA_MARKS } from '../core/model/glyph';
import { partWords } from '../core/words/flights';
import { readLibrary } from '../scripts/reference-files';

/** What naturalists of each region know, asked of the shipped library. */
const { library } = readLibrary();
const almanacs = new Map(library.regions.map((row) => [row.id, almanacFor(library, regionalGarden(library, row.id))]));
const at = (region: string) => almanacs.get(region)!;

describe('who lives where', () => {
  it.each([
    ['zebra longwings in Florida', 'heliconius-charithonia', 'florida-peninsula', true],
    ['and not in the Midwest', 'heliconius-charithonia', 'upper-midwest', false],
    ['western tigers west of the plains', 'papilio-rutulus', 'pacific-northwest', true],
    ['eastern tigers not there', 'papilio-glaucus', 'pacific-northwest', false],
    ['Canadian tigers in the northern forest', 'papilio-canadensis', 'northern-forest', true],
    ['pipevine swallowtails in California', 'battus-philenor', 'california-interior', true],
    ['regal fritillaries on the tallgrass', 'argynnis-idalia', 'central-tallgrass', true],
    ['and no longer on the coast', 'argynnis-idalia', 'northeast-coast', false],
    ['one hummingbird nests in the East', 'archilochus-colubris', 'appalachian-highlands', true],
    ['Allen’s on the California coast only', 'selasphorus-sasin', 'california-interior', false],
    ['Atalas in Florida only', 'eumaeus-atala', 'gulf-coast', false],
  ])('%s', (_, target, region, lives) => expect(at(region).targets.has(target)).toBe(lives));
  it('ten hummingbirds or more in the sky islands, one in the upper Midwest', () => {
    const birds = (region: string) => [...at(region).targets.values()].filter((here) => here.target.kind === 'hummingbird');
    expect(birds('southwest-sky-islands').length).toBeGreaterThanOrEqual(10);
    expect(birds('upper-midwest').map((here) => here.target.id)).toEqual(['archilochus-colubris']);
  });
});

describe('the season moves with the place', () => {
  it('first flights come earlier to the South than to the North', () => {
    const first = (target: string, region: string) => at(region).targets.get(target)!.flight.from;
    for (const target of ['papilio-polyxenes', 'danaus-plexippus', 'phyciodes-tharos', 'papilio-glaucus'])
      expect(first(target, 'gulf-coast'), target).toBeLessThan(first(target, 'great-lakes-ohio') - 30);
  });
  const parts = (target: string, region: string) =>
    library.flights.filter((row) => row.target === target && row.region === region);
  it.each<[string, string, string, [string, number, number][]]>([
    ['rufous hummingbirds reach the Northwest in late February', 'selasphorus-rufus', 'pacific-northwest', [['breeding', 4, 16]]],
    ['and winter on the Gulf from September to March', 'selasphorus-rufus', 'gulf-coast', [['winter', 16, 5]]],
    [
      'and pass the coast of California in spring and again in summer',
      'selasphorus-rufus',
      'california-coast',
      [
        ['passage', 3, 9],
        ['return', 12, 17],
      ],
    ],
    ['Anna’s stay all year on the California coast', 'calypte-anna', 'california-coast', [['breeding', 0, 23]]],
    ['orangetips fly in spring alone', 'anthocharis-midea', 'mid-atlantic', [['breeding', 6, 8]]],
    ['woodland skippers late', 'ochlodes-sylvanoides', 'pacific-northwest', [['breeding', 13, 18]]],
    [
      'monarchs winter on the coast of California without laying',
      'danaus-plexippus',
      'california-coast',
      [
        ['breeding', 4, 18],
        ['winter', 19, 3],
      ],
    ],
  ])('%s', (_, target, region, expected) => {
    expect(parts(target, region).map((row) => [row.part, row.first, row.last])).toEqual(expected);
  });
  it('the autumn monarchs lay on the Gulf and not in Minnesota', () => {
    const lateEggs = (region: string) => parts('danaus-plexippus', region).some((row) => row.laying && row.last >= 18);
    expect(lateEggs('gulf-coast')).toBe(true);
    expect(lateEggs('upper-midwest')).toBe(false);
  });
  it('mourning cloaks sleep through July in the North', () => {
    for (const region of ['upper-midwest', 'northeast-coast', 'rocky-mountains'])
      expect(at(region).targets.get('nymphalis-antiopa')!.flightHalfMonths, region).not.toContain(13);
  });
  it('mourning cloaks are said to be on the wing in April, not to winter then', () => {
    const { flights } = at('upper-midwest').targets.get('nymphalis-antiopa')!;
    expect(partWords(flights[0]!)).toBe('on the wing, not laying');
  });
  it('zebra longwings breed all year in Miami and not in Gainesville', () => {
    const inZone = (half_zone: string) =>
      almanacFor(library, { ...regionalGarden(library, 'florida-peninsula'), half_zone }).targets.get('heliconius-charithonia')!;
    expect(inZone('10b').flightHalfMonths).toHaveLength(24);
    expect(inZone('9a').flightHalfMonths).not.toContain(0);
  });
  it('only hummingbirds that breed in a region nest there', () => {
    expect(at('gulf-coast').targets.get('selasphorus-rufus')!.occurrence.nest_first).toBeNull();
    expect(at('pacific-northwest').targets.get('selasphorus-rufus')!.occurrence.nest_first).toBe(7);
  });
});

describe('who grows up on what', () => {
  const rank = (target: string, plant: string) =>
    [...almanacs.values()].map((a) => a.targets.get(target)?.hosts.get(plant)?.rank).find(Boolean);
  it.each([
    ['the greater fritillaries on violets', 'argynnis-cybele', 'viola-pubescens', 'primary'],
    ['hardly on garden pansies', 'argynnis-cybele', 'viola-wittrockiana', 'poor'],
    ['pipevine swallowtails on native pipevines', 'battus-philenor', 'aristolochia-tomentosa', 'primary'],
    ['and die on the calico-flower', 'battus-philenor', 'aristolochia-elegans', 'trap'],
    ['gulf fritillaries on maypop', 'dione-vanillae', 'passiflora-incarnata', 'primary'],
    ['and die on the red one', 'dione-vanillae', 'passiflora-racemosa', 'trap'],
    ['woodland whites on toothworts', 'pieris-virginiensis', 'cardamine-diphylla', 'primary'],
    ['and die on garlic mustard', 'pieris-virginiensis', 'alliaria-petiolata', 'trap'],
    ['checkerspots start on turtlehead', 'euphydryas-phaeton', 'chelone-glabra', 'primary'],
    ['and may go on to plantain', 'euphydryas-phaeton', 'plantago-lanceolata', 'accepted'],
    ['zebra swallowtails on pawpaw alone', 'eurytides-marcellus', 'asimina-triloba', 'primary'],
    ['Milbert’s tortoiseshells on nettles', 'aglais-milberti', 'urtica-gracilis', 'primary'],
    ['juniper hairstreaks on junipers', 'callophrys-gryneus', 'juniperus-virginiana', 'primary'],
    ['atalas on coontie', 'eumaeus-atala', 'zamia-integrifolia', 'primary'],
    ['luna moths on walnut', 'actias-luna', 'juglans-nigra', 'primary'],
    ['monarchs on showy milkweed', 'danaus-plexippus', 'asclepias-speciosa', 'primary'],
    ['and die on swallow-wort', 'danaus-plexippus', 'vincetoxicum-nigrum', 'trap'],
  ])('%s', (_, target, plant, expected) => expect(rank(target, plant)).toBe(expected));
});

describe('what may be planted where', () => {
  const status = (plant: string, region: string) => at(region).plants.get(plant)!.status.status;
  it.each([
    ['swamp milkweed is native on the coast', 'asclepias-incarnata', 'northeast-coast', 'native'],
    ['butterfly-bush is invasive in the Northwest', 'buddleja-davidii', 'pacific-northwest', 'invasive'],
    ['and merely introduced on the plains', 'buddleja-davidii', 'northern-plains', 'introduced'],
    ['common lantana is invasive in Florida', 'lantana-camara', 'florida-peninsula', 'invasive'],
    ['the Texan one is at home in Texas', 'lantana-urticoides', 'texas-hills-brush', 'native'],
    ['black locust is native in the mountains', 'robinia-pseudoacacia', 'appalachian-highlands', 'native'],
    ['and a pest on the coast', 'robinia-pseudoacacia', 'northeast-coast', 'invasive'],
    ['garlic mustard is a pest in the Midwest', 'alliaria-petiolata', 'upper-midwest', 'invasive'],
    ['the Mexican petunia is one in Florida', 'ruellia-simplex', 'florida-peninsula', 'invasive'],
  ])('%s', (_, plant, region, expected) => expect(status(plant, region)).toBe(expected));
  it('every milkweed, pipevine, coontie and other poisonous kind carries a caution', () => {
    const warned = new Set(library.cautions.map((row) => row.plant));
    for (const { id } of library.plants)
      if (/^(asclepias|aristolochia|zamia|datura|nicotiana|rhododendron|gelsemium|aesculus|ruta|urtica)-/.test(id))
        expect(warned, id).toContain(id);
  });
  it('doubles and mopheads feed nobody', () => {
    for (const id of [
      'echinacea-double',
      'petunia-double',
      'tagetes-erecta-double',
      'hydrangea-macrophylla',
      'pelargonium-hortorum',
    ]) {
      const { nectar_butterfly, nectar_hummingbird, nectar_moth } = library.plants.find((row) => row.id === id)!;
      expect(nectar_butterfly + nectar_hummingbird + nectar_moth, id).toBe(0);
    }
  });
  it('no hummingbird is promised nectar by a flower without a tube or spike to probe', () => {
    const doubtful = library.plants.filter(
      (row) => row.nectar_hummingbird === 3 && ['daisy', 'none', 'catkin'].includes(row.flower_form),
    );
    expect(doubtful.map((row) => row.id)).toEqual([]);
  });
});

describe('the drawings', () => {
  const adult = (glyph: string) =>
    glyph.split('|').filter((mark) => !(LARVA_MARKS as readonly string[]).includes(mark.split(':')[0]!));
  it('tell every creature of a region from every other', () => {
    for (const almanac of almanacs.values()) {
      const seen = new Map<string, string>();
      for (const { target } of almanac.targets.values()) {
        const drawn = adult(target.glyph).sort().join('|');
        expect(seen.get(drawn), `${target.id} in ${almanac.region.id}`).toBeUndefined();
        seen.set(drawn, target.id);
      }
    }
  });
  it('show a caterpillar for everything that has one', () => {
    for (const { id, kind, glyph } of library.targets) expect(glyph.includes('|larva:'), id).toBe(kind !== 'hummingbird');
  });
});
