import { describe, expect, it } from 'vitest';
import type { Decision } from '../garden/decisions';
import type { Notice } from '../why/overlook';
import { cause, check } from '../testing/worked-garden';
import { unitsOf } from './units';
import { decisionWords, effectWords, harmWords, likelihoodWords, noticeWords, reasonWords, weightOf } from './why';

const names = { plant: (id: string) => `the ${id}`, site: (id: string) => `Bed ${id}`, creature: (id: string) => `the ${id}` };
const us = unitsOf('us', 'USD', 'F');
const metric = unitsOf('metric', 'USD', 'C');

describe('why, in words', () => {
  it('a fact with its figures, in the units chosen', () => {
    const shade = { kind: 'fact', fact: 'shade', bits: 4, finding: { is: true, of: { sun_h: 2.5, min: 6 } } } as const;
    expect(reasonWords(shade, names, us)).toBe('It gets 2.5 h of sun and wants 6 h or more.');
    const cold = { kind: 'fact', fact: 'cold-nights', bits: 3, finding: { is: true, of: { low_c: 5 } } } as const;
    expect(reasonWords(cold, names, metric)).toBe('The nights of this week were 5 °C on average.');
    expect(reasonWords(cold, names, us)).toBe('The nights of this week were 41 °F on average.');
    const pot = { kind: 'fact', fact: 'pot', bits: -6, finding: { is: false } } as const;
    expect(reasonWords(pot, names, us)).toBe('It does not grow in a pot.');
    const few = { kind: 'fact', fact: 'host-few', bits: 5, finding: { is: true, of: { plants: 1 } } } as const;
    expect(reasonWords(few, names, us)).toBe('1 host plant: too few to be found.');
  });
  it('an answer and the season', () => {
    expect(
      reasonWords({ kind: 'answer', check: check('dry', { question: 'Is it dry?' }), yes: false, bits: -2 }, names, us),
    ).toBe('Is it dry? No.');
    expect(reasonWords({ kind: 'season', bits: -3 }, names, us)).toBe('It is not usual in this month.');
  });
  it('weights and likelihoods in plain words', () => {
    expect([4, 2, 1, 0.2, -1, -2, -5].map(weightOf)).toEqual([
      'strong',
      'strong',
      'some',
      'some',
      'against',
      'strongly against',
      'strongly against',
    ]);
    expect([0.95, 0.7, 0.4, 0.2, 0.02].map(likelihoodWords)).toEqual([
      'almost certain',
      'very likely',
      'likely',
      'possible',
      'unlikely',
    ]);
  });
  it('harm: those that are on it are named, the day they were seen before those that may be', () => {
    expect(harmWords({ kind: 'young', creatures: ['monarch'], seen: null }, names)).toBe(
      'Eggs and caterpillars may be on it now (the monarch): look before you cut, rinse or move it.',
    );
    expect(harmWords({ kind: 'young', creatures: ['monarch'], seen: '2026-07-10' }, names)).toContain('seen on it on');
    expect(harmWords({ kind: 'pesticide' }, names)).toContain('label is the law');
    expect(harmWords({ kind: 'tree' }, names)).toContain('licensed arborist');
    expect(harmWords({ kind: 'first', text: 'Look.' }, names)).toBe('Look.');
    expect(cause('x').now).toBe('Mend x.');
  });
  it('the weekly look, with its evidence', () => {
    const notice = (kind: Notice['kind'], figures: Record<string, number>): Notice => ({
      key: 'k',
      kind,
      of: 'aster',
      site: 'one',
      planting: null,
      symptom: 's',
      figures,
    });
    expect(noticeWords(notice('dry-pot', { days: 14, hot: 12 }), names)).toBe(
      'Bed one had no water for 14 days, 12 of them hot.',
    );
    expect(noticeWords(notice('never-laid', { times: 9, days: 40 }), names)).toBe(
      'the aster was seen 9 times in 40 days, and never an egg or a caterpillar.',
    );
    expect(noticeWords(notice('shade-crept', { was: 6, is: 3.4 }), names)).toContain('said to have 6 h of sun and has 3.4 h');
    expect(noticeWords(notice('host-few', { patch: 0.375 }), names)).toContain('38 % of a patch');
    for (const kind of ['at-its-end', 'dry-young', 'lost-again', 'no-flower', 'seed-late'] as const)
      expect(noticeWords(notice(kind, { age: 3, years: 3, days: 20, usual: 12, times: 2 }), names)).not.toMatch(/undefined|NaN/);
  });
  it('a decision and its effect', () => {
    const decision: Decision = {
      kind: 'move',
      site_id: 'two',
      plant: 'aster',
      count: 3,
      verdict: 'thrives',
      method: null,
      refused: null,
      effect: { difference: { worse: [], better: [], opened: [], closed: ['monarch'] }, minutes: -12, money_minor: 0 },
    };
    expect(decisionWords(decision, names)).toBe('To Bed two (thrives), in its season.');
    expect(effectWords(decision, names, us)).toEqual(['closes the monarch', '12 min less a year', 'no money']);
    const none = {
      ...decision,
      effect: { difference: { worse: [], better: [], opened: [], closed: [] }, minutes: 0, money_minor: 1500 },
    };
    expect(effectWords(none, names, us)).toEqual(['life cycles stay as they are', 'no more work', '$15.00']);
    expect(decisionWords({ ...decision, kind: 'replace' }, names)).toBe('By 3 the aster (thrives), for the same guests.');
    expect(decisionWords({ ...decision, kind: 'propagate', method: 'division' }, names)).toBe(
      'Division: 3 for Bed two (thrives).',
    );
    const refused: Decision = { ...decision, refused: 'no-site', effect: null };
    expect(decisionWords(refused, names)).toBe('No other bed here that it would thrive in has room for it.');
    expect(effectWords(refused, names, us)).toEqual([]);
  });
});
