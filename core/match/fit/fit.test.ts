import { describe, expect, it } from 'vitest';
import { fit, fitMatrix } from './fit';
import { decidingReasons, fitReasons } from './reasons';
import type { FitPlace } from '../../model/here';
import { plant, site } from '../../testing/worked-garden';

const place: FitPlace = { half_zone: '7a', summer: 'warm', humidity: 'moderate', school_pots: 'two-zones' };
const cardinal = plant('lobelia-cardinalis', {
  sun_min_h: 3,
  sun_max_h: 10,
  moisture_min: 4,
  moisture_max: 5,
  drainage: 'any',
  textures: ['loam', 'clay'],
});

describe('fit of a plant on a site', () => {
  it('cardinal flower in 3 h of sun in a dry bed is unsuitable: moisture', () => {
    const found = fit(cardinal, site('dry', { sun_h: 3, moisture: 1 }), place);
    expect(found).toEqual({ verdict: 'unsuitable', share: 0, limits: [{ dimension: 'moisture', grade: 2 }] });
  });
  it.each([
    ['sun an hour short', { sun_h: 3 }, {}, 'sun', 'workable'],
    ['sun two hours short', { sun_h: 2 }, {}, 'sun', 'unsuitable'],
    ['all the sun of a northern summer’s day', { sun_h: 16 }, {}, null, 'thrives'],
    ['soil a step too wet', { moisture: 5 }, {}, 'moisture', 'workable'],
    ['soil two steps too dry', { moisture: 1 }, { moisture_min: 3 }, 'moisture', 'unsuitable'],
    ['pH 0.4 over', { ph: 7.9 }, {}, 'ph', 'workable'],
    ['pH a whole unit over', { ph: 8.5 }, {}, 'ph', 'unsuitable'],
    ['a step off in drainage', { drainage: 'moderate' }, {}, null, 'thrives'],
    ['sharp wanted, well given', { drainage: 'well' }, { drainage: 'sharp' }, 'drainage', 'workable'],
    ['sharp wanted, moderate given', { drainage: 'moderate' }, { drainage: 'sharp' }, 'drainage', 'unsuitable'],
    ['wet wanted, sharp given', { drainage: 'sharp' }, { drainage: 'wet' }, 'drainage', 'unsuitable'],
    ['another texture', { texture: 'sand' }, { textures: ['loam'] }, 'texture', 'workable'],
    ['some salt', { salt: 'some' }, {}, 'salt', 'workable'],
    ['high salt', { salt: 'high' }, {}, 'salt', 'unsuitable'],
    ['no room for one', { area_m2: 1 }, { spacing_cm: 200 }, 'room', 'unsuitable'],
  ] as const)('%s', (_, onSite, ofPlant, dimension, verdict) => {
    const found = fit(plant('x', ofPlant as object), site('bed', onSite as object), place);
    expect(found.verdict).toBe(verdict);
    expect(found.limits[0]?.dimension ?? null).toBe(dimension);
  });
  it.each([
    ['7a', 'workable'],
    ['7b', 'unsuitable'],
    ['6b', 'thrives'],
  ])('a plant hardy to %s in zone 7a %s', (zone_min, verdict) => {
    expect(fit(plant('x', { zone_min }), site('bed'), place).verdict).toBe(verdict);
  });
  it('an annual need not outlive the winter', () => {
    expect(fit(plant('x', { kind: 'annual', zone_min: '10a', zone_max: '11b' }), site('bed'), place).verdict).toBe('thrives');
  });
  it('a cool-summer plant is workable in warm summers and unsuitable in hot ones', () => {
    const cool = plant('x', { heat_limit: 'cool' });
    expect(fit(cool, site('bed'), place).verdict).toBe('workable');
    expect(fit(cool, site('bed'), { ...place, summer: 'hot' }).verdict).toBe('unsuitable');
  });
  it('afternoon shade is wanted from its zone up, and given by morning sun', () => {
    const shy = plant('x', { afternoon_shade_from_zone: '7a' });
    const hot = { ...place, summer: 'hot' } as const;
    expect(fit(shy, site('bed'), hot).limits).toEqual([{ dimension: 'sunTiming', grade: 1 }]);
    expect(fit(shy, site('bed', { sun_when: 'morning' }), hot).verdict).toBe('thrives');
    expect(fit(shy, site('bed'), { ...hot, half_zone: '6b' }).verdict).toBe('thrives');
  });
  it('a pot outdoors is two zones colder, and must hold its litres', () => {
    const potted = plant('x', { container: 'good', container_min_l: 10, zone_min: '5b', spacing_cm: 30 });
    const pot = site('pot', { kind: 'container', area_m2: 0.2, volume_l: 12 });
    expect(fit(potted, pot, place).limits.map((l) => l.dimension)).toEqual(['cold']);
    expect(fit(potted, pot, { ...place, school_pots: 'indoors' }).verdict).toBe('thrives');
    expect(fit(potted, { ...pot, volume_l: 5 }, { ...place, school_pots: 'indoors' }).verdict).toBe('unsuitable');
  });
  it('several workable dimensions are worse than one, and three are too much', () => {
    const of = (over: object) => fit(plant('x', { ph_max: 6 }), site('bed', over), place);
    // A step too dry leaves 0.7, half a unit of pH 0.7, an hour of sun 0.7.
    expect(of({ moisture: 1, ph: 6 })).toMatchObject({ verdict: 'workable' });
    expect(of({ moisture: 1, ph: 6 }).share).toBeCloseTo(0.7, 9);
    expect(of({ moisture: 1, ph: 6.5 })).toMatchObject({ verdict: 'workable' });
    expect(of({ moisture: 1, ph: 6.5 }).share).toBeCloseTo(0.49, 9);
    const three = of({ moisture: 1, ph: 6.5, sun_h: 3 });
    expect(three).toMatchObject({ verdict: 'unsuitable', share: 0 });
    expect(three.limits.every(({ grade }) => grade === 1)).toBe(true);
    const reasons = decidingReasons(plant('x', { ph_max: 6 }), site('bed', { moisture: 1, ph: 6.5, sun_h: 3 }), place);
    expect(reasons.map(({ dimension }) => dimension).sort()).toEqual(['moisture', 'ph', 'sun']);
  });
  it('what is hardly felt alone may hold back together: the worst of it is named', () => {
    // 0.3 h of sun short leaves 0.91, sharp drainage 0.92: together 0.84.
    const found = fit(plant('x'), site('bed', { sun_h: 3.7, drainage: 'sharp' }), place);
    expect(found.verdict).toBe('workable');
    expect(found.limits).toEqual([{ dimension: 'sun', grade: 0 }]);
  });
  it('a matrix has a row a plant and a column a site', () => {
    const matrix = fitMatrix([cardinal, plant('y')], [site('a'), site('b', { moisture: 5 })], place);
    expect(matrix.map((row) => row.map((cell) => cell.verdict))).toEqual([
      ['workable', 'thrives'],
      ['thrives', 'workable'],
    ]);
  });
});

describe('the reasons of a fit', () => {
  it('give grade and margin, the worst first', () => {
    const reasons = fitReasons(cardinal, site('dry', { sun_h: 3, moisture: 1 }), place);
    expect(reasons[0]).toMatchObject({
      dimension: 'moisture',
      grade: 2,
      margin: -3,
    });
    expect(reasons.find((reason) => reason.dimension === 'sun')).toMatchObject({ margin: 0, grade: 0 });
  });
  it('say by how much the sun is short or over', () => {
    const short = fitReasons(plant('x', { sun_min_h: 6 }), site('bed', { sun_h: 5 }), place)[0]!;
    expect(short).toMatchObject({ dimension: 'sun', grade: 1, margin: -1 });
    const over = fitReasons(plant('x', { sun_max_h: 6 }), site('bed', { sun_h: 7 }), place)[0]!;
    // Counted from an hour before its limit.
    expect(over).toMatchObject({ dimension: 'sun', grade: 1, margin: -2 });
  });
  it('name the source of the figure that counts, and none where a pot’s mix makes it moot', () => {
    const jar = { source: 'jar', on: '2026-05-04' } as const;
    const stated = { source: 'stated', on: null } as const;
    const figures = { texture: [jar, stated], sun: [stated] };
    const basis = (over: object, dimension: string) =>
      fitReasons(plant('x', { container: 'good' }), { ...site('here', over), figures }, place).find(
        (reason) => reason.dimension === dimension,
      )!.basis;
    expect(basis({}, 'texture')).toEqual(jar);
    expect(basis({}, 'sun')).toEqual(stated);
    expect(basis({}, 'salt')).toBeNull();
    expect(basis({}, 'ph')).toBeNull();
    const pot = { kind: 'container', volume_l: 20 };
    expect(basis(pot, 'texture')).toBeNull();
    expect(basis(pot, 'sun')).toEqual(stated);
  });
  it('agree with the verdict on every dimension', () => {
    const bad = site('bad', { sun_h: 1, moisture: 1, ph: 9, salt: 'high', area_m2: 0.1 });
    const graded = fitReasons(cardinal, bad, place).filter((reason) => reason.grade > 0);
    expect(graded.map((reason) => reason.dimension).sort()).toEqual(
      fit(cardinal, bad, place)
        .limits.map((limit) => limit.dimension)
        .sort(),
    );
  });
});
