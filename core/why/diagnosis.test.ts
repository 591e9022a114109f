import { describe, expect, it } from 'vitest';
import { gardenHere } from '../garden/here';
import type { Planting, Site } from '../model/garden';
import type { Cause, Caution, Check, Plant, Symptom } from '../model/reference';
import { entry } from '../testing/log';
import { whyDay } from '../testing/why-day';
import {
  batch,
  cause,
  check,
  host,
  libraryOf,
  plant,
  planting,
  recordsIn,
  site,
  symptom,
  target,
} from '../testing/worked-garden';
import { diagnosisOf } from './diagnosis';
import { symptomsFor, troublesOf, type Question } from './subject';

/** A herb that droops in a bed of three hours of sun, of which it wants four. */
interface Asked {
  causes: Cause[];
  checks?: Check[];
  symptoms?: Symptom[];
  question?: Partial<Question>;
  site?: Partial<Site>;
  row?: Partial<Planting>;
  plant?: Partial<Plant>;
  cautions?: Caution[];
  today?: string;
  log?: Parameters<typeof whyDay>[1];
  hosts?: boolean;
}
function gardenIn({ causes, checks = [], symptoms = [symptom()], cautions, ...of }: Asked) {
  const world = {
    plants: [plant('herb', { sun_min_h: 4, scientific: 'Herba communis', ...of.plant })],
    targets: [target('blue')],
    hosts: of.hosts ? [host('blue', 'herb')] : [],
    occurrence: { blue: { first: 10, last: 15 } },
    symptoms,
    causes,
    checks,
    ...(cautions ? { cautions } : {}),
  };
  const rows = [planting('p', 'herb', 5, { state: 'in-ground', planted_year: 2021, ...of.row })];
  return gardenHere(recordsIn(world, rows, { sites: [site('bed', { sun_h: 3, ...of.site })] }), libraryOf(world));
}
function diagnose(asked: Asked) {
  const here = gardenIn(asked);
  const question = { symptom: 'droops', of: 'herb', planting: null, site: null, answers: [], ...asked.question };
  return diagnosisOf(here.why, whyDay(asked.today ?? '2026-07-15', asked.log), question);
}
const order = ({ causes }: ReturnType<typeof diagnose>) => causes.map((row) => row.cause.cause);

describe('causes by their odds', () => {
  it('add their prior, the weights of the facts that hold and the answers', () => {
    const found = diagnose({
      causes: [cause('shade', { prior: 1, evidence: 'shade:4|pot:3', asks: 'leans:3/-2' }), cause('thirst', { prior: 3 })],
      checks: [check('leans', { share: 0.5 })],
      question: { answers: [{ check: 'leans', yes: true }] },
    });
    // Yes: ½ · 2³ : ½ · 2⁻² = 4 : 0.125; a share of 0.97 beside ½ is 0.956 of a step.
    const worth = Math.log2(4 / 4.125 / 0.5);
    expect(found.causes[0]!.score).toBeCloseTo(1 + 4 + worth);
    expect(found.causes[1]!.score).toBe(3);
    expect(order(found)).toEqual(['shade', 'thirst']);
    // The rest is what nobody thought of, of score 2.
    const weights = [2 ** (5 + worth), 2 ** 3, 2 ** 2];
    const all = weights[0]! + weights[1]! + weights[2]!;
    expect(found.causes[0]!.share).toBeCloseTo(weights[0]! / all);
    expect(found.other).toBeCloseTo(4 / all);
  });
  it('tell their reasons, the strongest first and what speaks against it last', () => {
    const [shade] = diagnose({
      causes: [cause('shade', { evidence: 'settled:-3|shade:4', months: '3-5' })],
    }).causes;
    expect(shade!.reasons.map((row) => [row.kind, row.bits])).toEqual([
      ['fact', 4],
      ['fact', -3],
      ['season', -3],
    ]);
  });
  it('tell by a fact that does not hold, where it has a weight for that, and by none that is not known', () => {
    const reasons = (asked: Partial<Asked>) =>
      diagnose({ causes: [cause('a', { evidence: 'pot:4/-6|limy:3/-2' })], ...asked }).causes[0]!.reasons;
    expect(reasons({}).map((row) => row.bits)).toEqual([-2, -6]);
    expect(reasons({ site: { assumed: ['ph'] } }).map((row) => row.bits)).toEqual([-6]);
    expect(reasons({ site: { kind: 'container', volume_l: 9, ph: 9, assumed: ['ph'] } }).map((row) => row.bits)).toEqual([4]);
  });
  it('over the new year, months run on', () => {
    const winter = (today: string) => diagnose({ causes: [cause('snow', { months: '11-2' })], today }).causes[0]!.reasons.length;
    expect([winter('2026-12-15'), winter('2026-01-15'), winter('2026-03-15'), winter('2026-10-15')]).toEqual([0, 0, 1, 1]);
  });
  it('where the year is one long season, months tell less', () => {
    const asked = (frosts: object) => {
      const here = gardenIn({ causes: [cause('a', { months: '6-9' })] });
      const mild = here.with({ garden: { ...here.garden, ...frosts } });
      const question = { symptom: 'droops', of: 'herb', planting: null, site: null, answers: [] };
      return diagnosisOf(mild.why, whyDay('2026-03-15'), question).causes[0]!.reasons[0]!.bits;
    };
    expect(asked({})).toBe(-3);
    expect(asked({ last_frost: null, first_frost: null })).toBe(-1);
    // From 16 February to 19 December there are 307 days between the frosts, from 20 March to 1 December 256.
    expect(asked({ last_frost: '02-15', first_frost: '12-20' })).toBe(-1);
    expect(asked({ last_frost: '03-20', first_frost: '12-01' })).toBe(-3);
  });
  it('of others than this plant are left out; where nobody knows which plant it is, none is', () => {
    const causes = [cause('any'), cause('mine', { who: 'herba|grass' }), cause('theirs', { who: 'tree' })];
    expect(order(diagnose({ causes })).sort()).toEqual(['any', 'mine']);
    expect(order(diagnose({ causes, question: { of: null } })).length).toBe(3);
  });
  it('an answer to what a cause does not ask changes nothing of it', () => {
    const answers = [{ check: 'other', yes: true }];
    const found = diagnose({ causes: [cause('shade')], checks: [check('other')], question: { answers } });
    expect(found.causes[0]!.reasons).toEqual([]);
  });
  it('ask for a symptom that is known', () => {
    expect(() => diagnose({ causes: [], question: { symptom: 'hiccups' } })).toThrow(RangeError);
  });
});

describe('the next look', () => {
  const two = [cause('a', { asks: 'quick:4/-4|slow:5/-5' }), cause('b')];
  it('is the one that tells most a minute', () => {
    const found = diagnose({ causes: two, checks: [check('quick', { minutes: 1 }), check('slow', { minutes: 30 })] });
    expect(found.next!.check.id).toBe('quick');
    expect(found.next!.ifYes).toEqual(['a']);
    const dear = diagnose({ causes: two, checks: [check('quick', { minutes: 60 }), check('slow', { minutes: 1 })] });
    expect(dear.next!.check.id).toBe('slow');
  });
  it('is none that was answered or could not be said', () => {
    const checks = [check('quick'), check('slow')];
    expect(diagnose({ causes: two, checks, question: { passed: ['quick'] } }).next!.check.id).toBe('slow');
    const answers = [{ check: 'slow', yes: true }];
    expect(diagnose({ causes: two, checks, question: { answers } }).next?.check.id).not.toBe('slow');
  });
  it('is none that tells nothing', () => {
    expect(diagnose({ causes: [cause('a', { asks: 'x:0/0' }), cause('b')], checks: [check('x')] }).next).toBe(null);
  });
});

describe('how clear it is', () => {
  it('clear where one cause leads by far, and nothing more is asked', () => {
    const found = diagnose({
      causes: [cause('a', { prior: 6, asks: 'x:4/-4' }), cause('b', { prior: 1 })],
      checks: [check('x')],
    });
    expect([found.verdict, found.next]).toEqual(['clear', null]);
  });
  it('open while a look would tell', () => {
    const causes = [cause('a', { prior: 3, asks: 'x:4/-4' }), cause('b', { prior: 3 })];
    expect(diagnose({ causes, checks: [check('x')] }).verdict).toBe('open');
  });
  it('likely where one leads a little and nothing is left to look at', () => {
    // 2⁴ beside 2³ and 2²: 16 of 28.
    expect(diagnose({ causes: [cause('a', { prior: 4 }), cause('b', { prior: 3 })] }).verdict).toBe('likely');
  });
  it('an expert’s where nothing leads and nothing is left to look at, or nothing is known', () => {
    expect(diagnose({ causes: [cause('a'), cause('b'), cause('c')] }).verdict).toBe('expert');
    expect(diagnose({ causes: [] }).verdict).toBe('expert');
  });
  it('what nobody thought of is not led by a cause as likely', () => {
    expect(diagnose({ causes: [cause('a', { prior: 2 })] }).verdict).not.toBe('clear');
  });
});

describe('what is to be heeded first', () => {
  const kinds = (asked: Partial<Asked>) => diagnose({ causes: [cause('a')], ...asked }).harm.map((row) => row.kind);
  it('eggs and caterpillars that may be on it, before all', () => {
    expect(kinds({ hosts: true, today: '2026-06-25' })[0]).toBe('young');
    expect(kinds({ hosts: true, today: '2026-12-25' })).not.toContain('young');
    expect(kinds({})).not.toContain('young');
  });
  it('those that were seen on it, at any time of the year', () => {
    const seen = diagnose({
      causes: [cause('a')],
      log: { log: [entry('larva', null, '2026-07-10', { plant: 'herb', called: 'a green one' })] },
    });
    expect(seen.harm[0]).toMatchObject({ kind: 'young', seen: '2026-07-10' });
  });
  it('what the symptom asks to look for', () => {
    const found = diagnose({ causes: [cause('a')], symptoms: [symptom({ first: 'Look who lives there.' })] });
    expect(found.harm[0]).toEqual({ kind: 'first', text: 'Look who lives there.' });
  });
  it('a plant that harms who handles it', () => {
    const caution = (severity: number): Caution => ({ plant: 'herb', hazard: 'skin-eye', severity, note: 'Its sap burns.' });
    expect(kinds({ cautions: [caution(2)] })).toContain('plant');
    expect(kinds({ cautions: [caution(1)] })).not.toContain('plant');
    expect(kinds({ cautions: [{ plant: 'herb', hazard: 'pets', severity: 3, note: 'x' }] })).not.toContain('plant');
  });
  it('large trees, and sprays where creatures feed', () => {
    expect(kinds({ plant: { kind: 'tree' } })).toContain('tree');
    expect(kinds({})).toEqual([]);
    expect(kinds({ causes: [cause('a', { creatures: 'They eat it.' })] })).toContain('pesticide');
    expect(kinds({ causes: [cause('a', { well: true })] })).toContain('pesticide');
  });
});

describe('what is not known', () => {
  it('is named once, and only where a cause rests on it', () => {
    const causes = [cause('a', { evidence: 'shade:4|too-sunny:2|young:3' }), cause('b', { evidence: 'limy:4' })];
    const found = diagnose({ causes, site: { assumed: ['sun', 'moisture'] }, row: { planted_year: null } });
    expect([...found.lacks].sort()).toEqual(['age', 'sun']);
    expect(diagnose({ causes }).lacks).toEqual([]);
  });
});

describe('what is asked about', () => {
  it('the planting that stands, before one that was lost', () => {
    const here = gardenIn({ causes: [cause('a')] });
    const lost = planting('gone', 'herb', 3, { state: 'lost', lost_year: 2024 });
    const both = here.with({ plantings: [lost, ...here.records.plantings] });
    const found = diagnosisOf(both.why, whyDay('2026-07-15'), {
      symptom: 'droops',
      of: 'herb',
      planting: null,
      site: null,
      answers: [],
    });
    expect(found.subject.planting?.id).toBe('p');
    const meant = diagnosisOf(both.why, whyDay('2026-07-15'), {
      symptom: 'droops',
      of: 'herb',
      planting: 'gone',
      site: null,
      answers: [],
    });
    expect(meant.subject.planting?.id).toBe('gone');
  });
  it('a batch where one is named, though the plant grows in a bed too; else what it was planted from this year', () => {
    const here = gardenIn({ causes: [cause('a')] }).with({ batches: [batch()] });
    const asked = (over: Partial<Question>, of = here) =>
      diagnosisOf(of.why, whyDay('2026-07-15'), {
        symptom: 'droops',
        of: 'herb',
        planting: null,
        site: null,
        answers: [],
        ...over,
      }).subject;
    expect(asked({ batch: 'b' })).toMatchObject({ planting: null, site: null, batch: { id: 'b' } });
    expect(asked({})).toMatchObject({ planting: { id: 'p' }, batch: null });
    const fresh = here.with({ plantings: here.records.plantings.map((row) => ({ ...row, planted_year: 2026 })) });
    expect(asked({}, fresh)).toMatchObject({ planting: { id: 'p' }, batch: { id: 'b' } });
  });
  it('symptoms of plants for a plant, of creatures for a creature', () => {
    const symptoms = [
      symptom(),
      symptom({ id: 'of-trees', who: 'tree' }),
      symptom({ id: 'of-moths', part: 'adult', who: 'moth' }),
      symptom({ id: 'of-butterflies', part: 'larva', who: 'butterfly' }),
    ];
    const { why } = gardenIn({ causes: [], symptoms });
    const ids = (of: string | null, creatures: boolean) => symptomsFor(why, of, creatures).map((row) => row.id);
    expect(ids('herb', false)).toEqual(['droops']);
    expect(ids('blue', true)).toEqual(['of-butterflies']);
    expect(ids(null, false)).toEqual(['droops', 'of-trees']);
    expect(ids(null, true)).toEqual(['of-moths', 'of-butterflies']);
  });
  it('troubles of a plant are those that name it or its kin', () => {
    const here = gardenIn({ causes: [cause('kin', { who: 'herba' }), cause('kind', { who: 'perennial' }), cause('any')] });
    const [trouble] = troublesOf(here.causes, here.library.plants[0]!);
    expect(trouble!.causes.map((row) => row.cause)).toEqual(['kin']);
  });
});
