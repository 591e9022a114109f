import { WayBook } from '../core/library/ways';
import { ADMISSIBLE, resolveHosts } from '../core/library/hosts';
import type { Plant } from '../core/model/reference';
import { describe, expect, it } from 'vitest';
import { almanacFor } from '../core/almanac/almanac';
import { isListed } from '../core/library/status';
import { speakingOf } from '../core/almanac/about';
import { checkLibrary } from '../core/match/library-check';
import { parseReferenceFile } from '../core/library/parse';
import { regionalGarden } from '../core/library/regional-garden';
import { halfMonthOfDay } from '../core/model/half-month';
import { readLibrary } from '../scripts/reference-files';

const { library, problems } = readLibrary();
const hostPlants = new Set(
  library.targets.flatMap((target) =>
    [
      ...resolveHosts(
        library.hosts.filter((row) => row.target === target.id),
        library.plants,
      ),
    ]
      .filter(([, host]) => ADMISSIBLE.has(host.rank))
      .map(([id]) => id),
  ),
);
/** Traps, and a weed of warm sand: no way to raise them is given. */
const NEVER = ['aristolochia-gigantea', 'passiflora-coccinea', 'desmodium-tortuosum'];
const coast = almanacFor(library, regionalGarden(library, 'northeast-coast'));

describe('the shipped library', () => {
  it('parses and contradicts itself nowhere', () => {
    expect(problems).toEqual([]);
    expect(checkLibrary(library)).toEqual([]);
  });
  it('covers eighteen regions, each with twenty targets or more', () => {
    expect(library.regions).toHaveLength(18);
    for (const region of library.regions)
      expect(library.occurrence.filter((row) => row.region === region.id).length, region.id).toBeGreaterThanOrEqual(20);
  });
  it.each([
    ['butterfly', 70],
    ['moth', 6],
    ['hummingbird', 14],
  ])('has its share of every guest: %s', (kind, wanted) => {
    expect(library.targets.filter((row) => row.kind === kind).length).toBeGreaterThanOrEqual(wanted);
  });
  it.each([
    ['larval hosts', 180, (row: Plant) => hostPlants.has(row.id)],
    ['shrubs and trees', 40, (row: Plant) => row.kind === 'shrub' || row.kind === 'tree'],
    ['vines', 20, (row: Plant) => row.kind === 'vine'],
    ['grasses and sedges', 25, (row: Plant) => row.kind === 'grass' || row.kind === 'sedge'],
    ['annuals and container plants', 45, (row: Plant) => row.kind === 'annual' || row.container === 'good'],
    ['bulbs and spring ephemerals', 12, (row: Plant) => row.kind === 'bulb'],
    ['plants in all', 360, () => true],
  ] as const)('has its share of %s', (_, wanted, is) => {
    expect(library.plants.filter(is).length).toBeGreaterThanOrEqual(wanted);
  });
  it('raises every plant by one sound method at least, and knows its status somewhere', () => {
    const known = new Set(library.status.map((row) => row.plant));
    // What is listed somewhere may have none, as may what cannot be got out again; the traps grown for their flowers have none.
    const exempt = new Set([
      ...library.status.filter((row) => isListed(row.status)).map((row) => row.plant),
      ...library.plants.filter((row) => row.manners === 'never').map((row) => row.id),
      // Left where it hangs.
      'phoradendron-leucarpum',
      ...NEVER,
      'cynodon-dactylon',
    ]);
    const ways = new WayBook(library.propagation);
    expect(library.plants.filter((row) => ways.of(row).length === 0 && !exempt.has(row.id)).map((row) => row.id)).toEqual([]);
    expect(library.plants.filter((row) => !known.has(row.id)).map((row) => row.id)).toEqual([]);
  });
  it('tells nobody to buy, sow or root what is noxious, or a trap', () => {
    const never = [
      ...NEVER,
      ...[
        'lythrum-salicaria',
        'vincetoxicum-nigrum',
        'lonicera-japonica',
        'cirsium-arvense',
        'centaurea-stoebe',
        'silybum-marianum',
      ],
      ...['aristolochia-elegans', 'alliaria-petiolata', 'cytisus-scoparius', 'ruellia-simplex', 'hesperis-matronalis'],
    ];
    const ways = new WayBook(library.propagation);
    for (const id of never) expect(ways.of(library.plants.find((row) => row.id === id)!), id).toEqual([]);
  });
  it('dates every listing', () => {
    const listed = library.status.filter((row) => row.status === 'invasive' || row.status === 'noxious');
    expect(listed.length).toBeGreaterThan(100);
    for (const row of listed) expect(row.as_of, `${row.plant} in ${row.place}`).toBeGreaterThanOrEqual(2000);
  });
  it('lists every trap, and the invasive ones as such', () => {
    for (const trap of ['vincetoxicum-nigrum', 'vincetoxicum-rossicum']) {
      expect(coast.targets.get('danaus-plexippus')!.hosts.get(trap)!.rank).toBe('trap');
      expect(coast.plants.get(trap)!.status.status).toBe('invasive');
    }
  });
  it.each([
    ['monarch larvae are on milkweed at the start of July', 'danaus-plexippus', 12, true],
    ['no monarch larva is there in November', 'danaus-plexippus', 20, false],
    ['fritillary larvae eat violets in May', 'argynnis-cybele', 9, true],
    ['and none in August', 'argynnis-cybele', 15, false],
    ['checkerspot larvae are back on their plants in May', 'euphydryas-phaeton', 9, true],
    ['spicebush swallowtail larvae are there in June', 'papilio-troilus', 11, true],
  ])('%s', (_, target, halfMonth, feeding) => {
    const larval = coast.targets.get(target)!.larval;
    expect(larval.some((p) => halfMonthOfDay(p.from) <= halfMonth && halfMonth <= halfMonthOfDay(p.to))).toBe(feeding);
  });
  it('leaves every larva of the slice a leaf when it feeds', () => {
    for (const here of coast.targets.values()) {
      const hosts = [...here.hosts].filter(([, host]) => ADMISSIBLE.has(host.rank)).map(([id]) => coast.plants.get(id)!);
      for (const period of here.larval)
        for (const day of [period.from, period.to])
          expect(
            hosts.some((host) => host.foliageShares[halfMonthOfDay(day)]! > 0),
            `${here.target.id} on day ${day}`,
          ).toBe(true);
    }
  });
});

describe('a faulty file', () => {
  it('is answered by row, column and sentence', () => {
    const text =
      'target,region,part,first,last,broods,laying,zones\na,b,breeding,8,27,2,y,\na,b,breeding,8,,2,y,\nc,d,dancing,8,9,1,y,\ne,f,breeding,8,9,1,y,9-12\n';
    const { rows, problems: found } = parseReferenceFile('flights.csv', text);
    expect(rows).toEqual([]);
    expect(found.map(({ row, column }) => [row, column])).toEqual([
      [2, 'last'],
      [3, 'last'],
      [4, 'part'],
      [5, 'zones'],
    ]);
    expect(found[0]!.message).toBe('At most 23.');
  });
  it('may not say a thing twice', () => {
    const text = 'target,plant,rank,light,note\na,b,primary,sun,\na,b,accepted,sun,\n';
    expect(parseReferenceFile('hosts.csv', text).problems).toMatchObject([{ row: 3, message: 'a + b stands in row 2 already.' }]);
  });
  it('may not lack a column', () => {
    expect(parseReferenceFile('hosts.csv', 'target,plant,rank,note\na,b,primary,\n').problems).toMatchObject([
      { row: 1, column: 'light' },
    ]);
  });
  it.each([
    ['zones the wrong way round', { zone_min: '8a', zone_max: '5a' }, 'zone_min is warmer'],
    ['a bloom outside its leaves', { foliage_first: 8, bloom_first: 4, bloom_last: 5 }, 'outside its foliage'],
    ['nectar without flowers', { bloom_first: null, bloom_last: null }, 'no flowers'],
    ['a bloom region nobody knows', { bloom_ref: 'atlantis' }, 'No region'],
  ])('and not %s', (_, over, message) => {
    const plants = library.plants.map((row) => (row.id === 'zizia-aurea' ? { ...row, ...over } : row));
    expect(
      checkLibrary({ ...library, plants })
        .map((found) => found.message)
        .join(),
    ).toContain(message);
  });
  it('and no target without a host or with a hungry half-month', () => {
    const hosts = library.hosts.filter((row) => row.target !== 'papilio-troilus');
    expect(checkLibrary({ ...library, hosts }).map((row) => row.message)).toContain(
      'No admissible host that grows there is in the library.',
    );
    const flights = library.flights.map((row) => (row.target === 'papilio-polyxenes' ? { ...row, first: 1 } : row));
    expect(
      checkLibrary({ ...library, flights })
        .map((row) => row.message)
        .join(),
    ).toContain('No suitable native is in bloom');
  });
});

describe('clearing what is invasive', () => {
  const listed = library.plants.filter((plant) => library.status.some((row) => row.plant === plant.id && isListed(row.status)));
  it.each(listed.map((plant) => [plant.common, plant] as const))('there is a way for %s', (_, plant) => {
    expect(speakingOf(library.clearing, plant).length).toBeGreaterThan(0);
  });
  it('the nearer word comes before the farther: a tree that suckers before trees at large', () => {
    const locust = library.plants.find((plant) => plant.id === 'robinia-pseudoacacia')!;
    expect(speakingOf(library.clearing, locust)[0]!.way).toContain('Cut the suckers');
  });
  it('says that traps are traps, and what poisons stock', () => {
    const note = (id: string) => library.clearing.find((row) => row.plant === id)!.note;
    for (const trap of ['vincetoxicum-nigrum', 'vincetoxicum-rossicum', 'alliaria-petiolata'])
      expect(note(trap)).toMatch(/trap/i);
    expect(note('jacobaea-vulgaris')).toContain('Poisonous to horses and cattle');
  });
});
