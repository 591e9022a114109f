import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ThingFields, type Point, type Thing, type ThingKind } from '../../model/yard';
import { block, rectangle, tree } from '../../testing/worked-yard';
import { site } from '../../testing/worked-garden';
import { neighboursOf, hoseReaches, slopeUnder } from './neighbours';
import { DRAWN_AS, freshSite, freshThing } from './fresh';
import { SiteFields } from '../../model/garden';
import { drawingChange, GeoJsonFault, yardFromGeoJson, yardToGeoJson } from './geojson';

const place = { lat: 41.7, lon: -70.4, last_frost: '04-28', first_frost: '10-27' };
const yard = { width_m: 20, depth_m: 15, north_deg: 30, underlay: null };
const bare = ({ id: _id, revision: _revision, ...fields }: Thing): ThingFields => fields;
const frosts = { last_frost: '04-28', first_frost: '10-27' };

describe('the yard as GeoJSON', () => {
  it('comes back as it went out, to the centimetre, whichever way it is turned', () => {
    const metres = fc.integer({ min: -1000, max: 3000 }).map((cm) => cm / 100);
    const scene = fc.record({
      north: fc.integer({ min: 0, max: 359 }),
      spot: fc.tuple(metres, metres),
      corner: fc.tuple(metres, metres),
    });
    fc.assert(
      fc.property(scene, ({ north, spot, corner }) => {
        const things = [bare(tree(spot)), bare(block(rectangle(corner[0], corner[1], 4, 3), 5))];
        const beds = [site('Bank', { name: 'Bank', outline: rectangle(1, 2, 3, 4) })];
        const drawn = { ...yard, north_deg: north };
        const back = yardFromGeoJson(JSON.parse(JSON.stringify(yardToGeoJson(drawn, things, beds, place))), place);
        expect(back.yard).toEqual(drawn);
        expect(back.things.map((row) => row.traits)).toEqual(things.map((row) => row.traits));
        expect(back.beds[0]).toMatchObject({ name: 'Bank', kind: 'bed' });
        const near = (a: readonly Point[], b: readonly Point[]) =>
          a.forEach((point, i) => {
            expect(Math.abs(point[0] - b[i]![0])).toBeLessThan(0.011);
            expect(Math.abs(point[1] - b[i]![1])).toBeLessThan(0.011);
          });
        back.things.forEach((row, i) => near(row.points, things[i]!.points));
        near(back.beds[0]!.outline, beds[0]!.outline);
      }),
      { numRuns: 40 },
    );
  });
  it('lies where the garden lies: ten metres north is 0.00009 of a degree', () => {
    const { features } = yardToGeoJson({ ...yard, north_deg: 0 }, [bare(tree([0, 10]))], [], place);
    const at = (features[1]!.geometry as { coordinates: [number, number] }).coordinates;
    expect(at[0]).toBeCloseTo(-70.4, 6);
    expect(at[1]).toBeCloseTo(41.7 + 10 / 111_320, 7);
  });
  it('keeps what has no place without a geometry', () => {
    const invader: ThingFields = {
      kind: 'invader',
      name: 'Knotweed',
      points: [],
      traits: { plant: null, state: 'cut', note: '' },
    };
    const out = yardToGeoJson(yard, [invader], [], place);
    expect(out.features[1]!.geometry).toBeNull();
    expect(yardFromGeoJson(out, place).things).toEqual([invader]);
  });
  it('takes plain polygons from elsewhere as beds', () => {
    const ring = [
      [-70.4, 41.7],
      [-70.3999, 41.7],
      [-70.3999, 41.7001],
      [-70.4, 41.7],
    ];
    const json = {
      type: 'FeatureCollection',
      features: [{ type: 'Feature', geometry: { type: 'Polygon', coordinates: [ring] }, properties: { name: 'Meadow' } }],
    };
    const drawing = yardFromGeoJson(json, place);
    expect(drawing.beds[0]).toMatchObject({ name: 'Meadow', kind: 'bed' });
    // A ten-thousandth of a degree of longitude at 41.7° is 8.31 m; the yard is made to hold it.
    expect(drawing.beds[0]!.outline[1]![0]).toBeCloseTo(8.31, 1);
    expect(drawing.yard.width_m).toBe(9);
  });
  it.each([
    ['what is no collection', { type: 'Feature' }, 'FeatureCollection'],
    ['an empty one', { type: 'FeatureCollection', features: [] }, 'holds no feature'],
    [
      'a broken polygon',
      { type: 'FeatureCollection', features: [{ geometry: { type: 'Polygon', coordinates: [[[1, 2]]] }, properties: {} }] },
      'Feature 1 is not',
    ],
    [
      'a place far away',
      {
        type: 'FeatureCollection',
        features: [
          { geometry: { type: 'Point', coordinates: [-80, 41] }, properties: { outwash: 'tap', name: 'Tap', hose_m: 3 } },
        ],
      },
      'Tap lies more than 500 m',
    ],
    [
      'a tree that no height is given to in numbers',
      {
        type: 'FeatureCollection',
        features: [
          {
            geometry: { type: 'Point', coordinates: [-70.4, 41.7] },
            properties: { outwash: 'tree', name: 'Elm', height_m: 'tall' },
          },
        ],
      },
      'Elm: ',
    ],
    [
      'a line that does not say what it is',
      {
        type: 'FeatureCollection',
        features: [{ geometry: { type: 'Point', coordinates: [-70.4, 41.7] }, properties: { name: 'Well' } }],
      },
      'Well does not say what it is',
    ],
  ])('refuses %s in a sentence', (_, json, words) => {
    expect(() => yardFromGeoJson(json, place)).toThrow(GeoJsonFault);
    expect(() => yardFromGeoJson(json, place)).toThrow(words);
  });
});

describe('GeoJSON as people write it', () => {
  const at = (dx: number, dy: number): [number, number] => [-70.4 + dx * 1e-5, 41.7 + dy * 1e-5];
  const square = (x: number, y: number) => [[at(x, y), at(x + 10, y), at(x + 10, y + 10), at(x, y + 10), at(x, y)]];
  const file = (...features: [object, Record<string, unknown>][]) => ({
    type: 'FeatureCollection',
    features: features.map(([geometry, properties]) => ({ type: 'Feature', geometry, properties })),
  });
  const polygon = (x: number, y: number) => ({ type: 'Polygon', coordinates: square(x, y) });
  it('takes usual words, and fills in what such things usually measure', () => {
    const { things, beds } = yardFromGeoJson(
      file(
        [polygon(0, 0), { outwash: 'House', name: 'Home' }],
        [
          { type: 'Point', coordinates: at(20, 20) },
          { natural: 'tree', height_m: 12 },
        ],
        [
          { type: 'LineString', coordinates: [at(0, 30), at(30, 30)] },
          { kind: 'Wall', name: 'Long wall' },
        ],
        [polygon(40, 0), { kind: 'border', name: 'Bank' }],
      ),
      place,
    );
    expect(things.map((row) => [row.kind, row.name])).toEqual([
      ['building', 'Home'],
      ['tree', 'Feature 2'],
      ['fence', 'Long wall'],
    ]);
    expect(things[0]!.traits).toMatchObject({ height_m: 5, base_m: 0 });
    // What is said counts; the rest is as usual.
    expect(things[1]!.traits).toMatchObject({ height_m: 12, crown_m: 3 });
    expect(beds.map((row) => [row.name, row.kind])).toEqual([['Bank', 'bed']]);
  });
  it('says all that is wrong at once', () => {
    const wrong = file(
      [polygon(0, 0), { outwash: 'castle', name: 'Keep' }],
      [{ type: 'Point', coordinates: at(5, 5) }, { name: 'Dot' }],
      [polygon(0, 20), { outwash: 'building', name: 'Tower', height_m: -4 }],
    );
    let fault: unknown;
    try {
      yardFromGeoJson(wrong, place);
    } catch (error) {
      fault = error;
    }
    const { faults } = fault as GeoJsonFault;
    expect(faults).toHaveLength(3);
    expect(faults[0]).toContain('Keep is called “castle”, which is nothing that can be drawn');
    expect(faults[1]).toContain('Dot does not say what it is');
    expect(faults[2]).toMatch(/^Tower: /);
  });
  it('shows what it would change: beds that are new or of another size, and how many things come and go', () => {
    const drawing = yardFromGeoJson(file([polygon(0, 0), { name: 'Bank' }], [polygon(20, 0), { name: 'New' }]), place);
    // A hundred-thousandth of a degree is 1.1132 m of latitude, 0.8312 m of longitude at 41.7°: 8.31 × 11.13 m.
    const { things, beds } = drawingChange(drawing, 4, [site('b', { name: 'Bank', area_m2: 40 })]);
    expect(things).toEqual({ now: 4, then: 0 });
    expect(beds.map((row) => [row.name, row.now_m2])).toEqual([
      ['Bank', 40],
      ['New', null],
    ]);
    expect(beds[0]!.then_m2).toBeCloseTo(92.5, 0);
  });
});

describe('new things', () => {
  const SANDY = { bed_texture: 'sand', bed_drainage: 'sharp', bed_ph: 5.5, humidity: 'dry' } as const;
  const points: Record<'area' | 'line' | 'spot', Point[]> = {
    area: rectangle(0, 0, 2, 2),
    line: [
      [0, 0],
      [2, 0],
    ],
    spot: [[1, 1]],
  };
  it.each(Object.keys(DRAWN_AS) as ThingKind[])('%s is drawn with measures that stand', (kind) => {
    expect(ThingFields.safeParse(freshThing(kind, points[DRAWN_AS[kind]], frosts)).success).toBe(true);
  });
  it('beds have the area of their outline, containers the top and litres of a pot', () => {
    expect(SiteFields.parse(freshSite('Bed 1', 'bed', rectangle(0, 0, 3, 2), SANDY))).toMatchObject({
      area_m2: 6,
      volume_l: null,
    });
    // 40 cm across the top, 30 across the bottom, 35 deep: π × 35 ÷ 3 × (400 + 225 + 300) = 33.9 litres.
    const pot = SiteFields.parse(freshSite('Pot 1', 'container', [[1, 1]], SANDY));
    expect(pot.area_m2).toBeCloseTo(0.1257, 3);
    expect(pot.volume_l).toBeCloseTo(33.9, 1);
  });
  it('trees come into leaf about the last frost and lose it about the first', () => {
    // The day after 28 April is of late April, the day before 27 October of late October.
    expect(freshThing('tree', [[1, 1]], frosts).traits).toMatchObject({ leaf_out: 7, leaf_fall: 19 });
    expect(freshThing('tree', [[1, 1]], { last_frost: null, first_frost: null }).traits).toMatchObject({
      leaf_out: 4,
      leaf_fall: 22,
    });
  });
  it('are refused where they cannot be', () => {
    const tooLow = { ...freshThing('tree', [[1, 1]], frosts) };
    expect(ThingFields.safeParse({ ...tooLow, traits: { ...tooLow.traits, clear_m: 9 } }).error!.issues[0]!.message).toBe(
      'The lowest branches are below the top.',
    );
    expect(
      ThingFields.safeParse({
        ...freshThing(
          'building',
          [
            [0, 0],
            [1, 1],
          ],
          frosts,
        ),
      }).error!.issues[0]!.message,
    ).toBe('An area needs three corners.');
  });
});

describe('what lies beside a bed', () => {
  const bed = { outline: rectangle(5, 5, 4, 2) };
  const path = (paved: boolean, y: number): Thing => ({
    id: 'p',
    revision: 0,
    kind: 'path',
    name: 'Brick walk',
    points: [
      [0, y],
      [20, y],
    ],
    traits: { width_m: 1, paved },
  });
  const tap = (hose_m: number): Thing => ({
    id: 't',
    revision: 0,
    kind: 'tap',
    name: 'Tap',
    points: [[5, 5]],
    traits: { hose_m },
  });
  const slope: Thing = {
    id: 's',
    revision: 0,
    kind: 'slope',
    name: 'Bank',
    points: rectangle(0, 0, 20, 20),
    traits: { fall_pct: 12, faces_deg: 180 },
  };
  it('a paved edge, as far as it is near', () => {
    // The walk's edge is half a metre from its middle line: 4 m of it is half a metre from the bed, 3.5 m a whole one.
    expect(neighboursOf(bed, [path(true, 4)])).toMatchObject([{ kind: 'path', paved: true }]);
    expect(neighboursOf(bed, [path(false, 4)])).toMatchObject([{ kind: 'path', paved: false }]);
    expect(neighboursOf(bed, [path(true, 3.5)])).toEqual([]);
  });
  it('trees that reach over it', () => {
    expect(neighboursOf(bed, [tree([2, 6])])).toEqual([{ kind: 'crowns', names: ['Oak'] }]);
    expect(neighboursOf(bed, [tree([2, 6]), tree([11, 6])])).toEqual([{ kind: 'crowns', names: ['Oak', 'Oak'] }]);
    expect(neighboursOf(bed, [tree([0.5, 6])])).toEqual([]);
  });
  it('a slope under its middle', () => {
    expect(slopeUnder(bed, [slope])!.name).toBe('Bank');
    expect(neighboursOf(bed, [slope])).toEqual([{ kind: 'slope', fall_pct: 12 }]);
    expect(slopeUnder({ outline: rectangle(30, 30, 2, 2) }, [slope])).toBeNull();
  });
  it('a hose that reaches its farthest corner', () => {
    // From one corner to the other of 4 by 2 m: √20 = 4.47 m.
    expect(hoseReaches(bed, [tap(4.5)])).toBe(true);
    expect(hoseReaches(bed, [tap(4.4)])).toBe(false);
    expect(hoseReaches(bed, [])).toBeNull();
    expect(hoseReaches({ outline: [] }, [tap(9)])).toBeNull();
  });
  it('nothing, where it is not drawn', () => expect(neighboursOf({ outline: [] }, [slope])).toEqual([]));
});
