import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { almanacFor } from '../core/almanac/almanac';
import { coverage, type CoverageInput } from '../core/coverage/coverage';
import { offersFor } from '../core/coverage/offers/offers';
import { timingOffers } from '../core/coverage/offers/timing';
import { recordsOf } from '../core/garden/from-file';
import { gardenHere } from '../core/garden/here';
import { regionalGarden } from '../core/library/regional-garden';
import { isListed } from '../core/library/status';
import { gates } from '../core/match/gates/gates';
import { GardenFile } from '../core/model/garden';
import { FRESH_WISHES } from '../core/model/fresh-wishes';
import { choicesFor } from '../core/plan/planner/choices';
import { readLibrary } from '../scripts/reference-files';

/** What is listed invasive or noxious somewhere, and what must be said of what can hurt, asked of the shipped library. */
const { library } = readLibrary();
const listed = new Set(library.status.filter((row) => isListed(row.status)).map((row) => row.plant));

describe('invaders', () => {
  it('are known: three dozen kinds at least', () => expect(listed.size).toBeGreaterThanOrEqual(35));
  it('are harmless nowhere by a row about anywhere', () => {
    expect(library.status.filter((row) => listed.has(row.plant) && row.place === 'anywhere')).toEqual([]);
  });
  it('are offered, with a state or without, only where native or where a row of that place says harmless', () => {
    const states = [null, ...new Set(library.areas.map((row) => row.jurisdiction))];
    const wrong: string[] = [];
    for (const region of library.regions)
      for (const jurisdiction of states) {
        if (jurisdiction && !library.areas.some((row) => row.jurisdiction === jurisdiction && row.region === region.id)) continue;
        const garden = { ...regionalGarden(library, region.id), jurisdiction };
        const almanac = almanacFor(library, garden);
        for (const id of listed) {
          const { status } = almanac.plants.get(id)!;
          const { row } = status;
          const ofThePlace = row !== null && [region.id, jurisdiction].includes(row.place);
          const ofItsWinters = row !== null && /^\d/.test(row.place);
          const harmless = row?.status === 'introduced' && (ofThePlace || ofItsWinters);
          if (status.offered && !isListed(status.status) && !status.native && !harmless)
            wrong.push(`${id} in ${region.id}, ${jurisdiction}`);
        }
      }
    expect(wrong).toEqual([]);
  }, 120_000);
  it.each([
    ['purple loosestrife', 'lythrum-salicaria', 'southeast-piedmont', 'GA'],
    ['garlic mustard', 'alliaria-petiolata', 'southeast-piedmont', null],
    ['Canada thistle', 'cirsium-arvense', 'interior-northwest', null],
    ['spotted knapweed', 'centaurea-stoebe', 'mid-atlantic', 'MD'],
    ['sericea lespedeza', 'lespedeza-cuneata', 'texas-hills-brush', 'TX'],
    ['Chinese wisteria', 'wisteria-sinensis', 'great-lakes-ohio', 'OH'],
    ['dame’s rocket', 'hesperis-matronalis', 'pacific-northwest', 'OR'],
    ['sweet autumn clematis', 'clematis-terniflora', 'gulf-coast', 'LA'],
    ['butterfly-bush', 'buddleja-davidii', 'appalachian-highlands', 'WV'],
    ['Mexican petunia', 'ruellia-simplex', 'southeast-piedmont', 'GA'],
  ])('%s is warned of and not offered', (_, plant, region, jurisdiction) => {
    const garden = { ...regionalGarden(library, region), jurisdiction, school_plants: 'any-harmless' as const };
    const here = almanacFor(library, garden).plants.get(plant)!;
    const found = gates(here.plant, here.status, here.cautions, garden, []);
    const barred = found.some((gate) => gate.kind === 'listed-elsewhere' || gate.kind === 'invasive');
    expect(barred).toBe(true);
    expect(here.status.offered && !isListed(here.status.status)).toBe(false);
  });
  it('lantana is a summer flower where every winter ends it, and is not offered in Georgia', () => {
    const offered = (region: string, half_zone: string) =>
      almanacFor(library, { ...regionalGarden(library, region), half_zone }).plants.get('lantana-camara')!.status.offered;
    expect(offered('northeast-coast', '7a')).toBe(true);
    expect(offered('southeast-piedmont', '9a')).toBe(false);
  });
  it('are no choice of the planner and no offer, whatever is not native being let in', () => {
    for (const region of ['mid-atlantic', 'great-lakes-ohio', 'interior-northwest', 'texas-hills-brush', 'southeast-piedmont']) {
      const file = GardenFile.parse(JSON.parse(readFileSync('demo/kettle-pond-commons.json', 'utf8')));
      const targets = [...almanacFor(library, regionalGarden(library, region)).targets.keys()].slice(0, 12);
      const garden = { ...file.garden, ...regionalGarden(library, region), school_plants: 'any-harmless' as const, name: 'x' };
      const here = gardenHere(
        recordsOf({
          ...file,
          garden,
          plantings: [],
          targets: targets.map((target) => ({ target, ambition: 'breeds', priority: 1 })),
        }),
        library,
      );
      const chosen = choicesFor(here.questionOf({ ...FRESH_WISHES, natives: 'off' }));
      expect(chosen.plants.length).toBeGreaterThan(20);
      // What is left of them is native there, or said to be harmless there or in its winters.
      const invaders = chosen.plants.filter((row) => listed.has(row.here.plant.id)).map((row) => row.here);
      expect(
        invaders
          .filter(({ status }) => !status.native && !(status.row?.status === 'introduced' && status.row.place !== 'anywhere'))
          .map(({ plant }) => plant.id),
        region,
      ).toEqual([]);
      const input: CoverageInput = here.input;
      for (const { target, needs } of coverage(input).targets)
        for (const need of needs)
          for (const offer of [...offersFor(input, target, need).offers, ...timingOffers(input, target, need, ['sow'])]) {
            const id = offer.change.kind === 'plant' ? offer.change.plant : null;
            if (id && listed.has(id))
              expect(here.almanac.plants.get(id)!.status.row!.status, `${id} in ${region}`).toMatch(/native|introduced/);
          }
    }
  }, 120_000);
});

describe('what can hurt is said', () => {
  const severity = (plant: string, hazard: string) =>
    library.cautions.find((row) => row.plant === plant && row.hazard === hazard)?.severity ?? 0;
  it.each<[string, string, string, number]>([
    ['death-camas grows among wild hyacinth', 'camassia-scilloides', 'edible-claim', 3],
    ['maleberry poisons stock', 'lyonia-ligustrina', 'livestock', 3],
    ['and people', 'lyonia-ligustrina', 'people', 2],
    ['hops kill dogs', 'humulus-lupuloides', 'pets', 3],
    ['Havana snakeroot is kin of the milk sickness', 'ageratina-havanensis', 'livestock', 2],
    ['ragwort poisons the liver', 'jacobaea-vulgaris', 'people', 2],
    ['nodding onion has deadly look-alikes', 'allium-cernuum', 'edible-claim', 2],
    ['milkweed shoots are mistaken for dogbane', 'asclepias-syriaca', 'edible-claim', 2],
    ['Atamasco lily is poisonous to dogs', 'zephyranthes-atamasco', 'pets', 2],
  ])('%s', (_, plant, hazard, least) => expect(severity(plant, hazard)).toBeGreaterThanOrEqual(least));
  it('of every milkweed: poisonous if eaten', () => {
    for (const { id } of library.plants)
      if (/^(asclepias|gomphocarpus)-/.test(id)) expect(severity(id, 'people'), id).toBeGreaterThanOrEqual(2);
  });
  it('no genus row lets in a trap: an unnamed pipevine or passionflower raises no brood', () => {
    const rank = (target: string, plant: string) =>
      library.hosts.find((row) => row.target === target && row.plant === plant)?.rank;
    for (const target of ['battus-philenor', 'battus-polydamas']) expect(rank(target, 'aristolochia'), target).toBe('poor');
    for (const target of ['dione-vanillae', 'euptoieta-claudia', 'heliconius-charithonia', 'dryas-iulia'])
      expect(rank(target, 'passiflora'), target).toBe('poor');
    expect(rank('battus-philenor', 'aristolochia-gigantea')).toBe('trap');
    expect(rank('dione-vanillae', 'passiflora-coccinea')).toBe('trap');
  });
  const care = (plant: string, action: string, school: string | null = null) =>
    library.care.find((row) => row.plant === plant && row.action === action && row.school === school && !row.never)!;
  it('stems are left until the frosts are over, and laid aside for who is in them', () => {
    const row = care('perennial', 'cut-dead', 'leave');
    expect(row.from).toBe('last-frost');
    expect(row.how).toMatch(/Lay what you cut loosely/);
  });
  it('tropical milkweed is cut again and again through a mild winter', () => {
    // From October every four to five weeks to February; eggs and larvae are lifted over first.
    const again = care('asclepias-curassavica', 'cut-third');
    expect([again.from, again.until]).toEqual(['10-10', '02-20']);
    expect(again.every_days).toBeLessThanOrEqual(35);
    expect(again.how).toMatch(/lift them over/);
  });
  it('no shrub is thinned against its nature', () => {
    const never = library.care.filter((row) => row.never && row.plant === '#no-hard-cut').map((row) => row.action);
    expect(never).toEqual(expect.arrayContaining(['cut-down', 'cut-third', 'thin']));
    const tagged = library.tags.filter((row) => row.tag === 'no-hard-cut').map((row) => row.plant);
    for (const genus of ['arctostaphylos', 'artemisia', 'citrus', 'zamia', 'rhododendron'])
      expect(tagged, genus).toContain(genus);
  });
});
