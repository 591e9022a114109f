import { describe, expect, it } from 'vitest';
import type { NeedCoverage, TargetCoverage } from '../coverage/types';
import type { SiteValue } from '../model/vocabulary';
import type { MeasuredSite } from '../place/survey/measured';
import { site } from '../testing/worked-garden';
import { leastMeasured, nearestToClosing } from './first-steps';

const SOURCES: Record<SiteValue, string> = { sun: 'computed', texture: 'jar', drainage: 'hole', ph: 'probe', moisture: 'probe' };
const measured = (id: string, stated: SiteValue[], over: Partial<MeasuredSite> = {}) =>
  ({
    ...site(id, over),
    figures: Object.fromEntries(
      Object.entries(SOURCES).map(([value, source]) => [
        value,
        [{ source: stated.includes(value as SiteValue) ? 'stated' : source }],
      ]),
    ),
  }) as unknown as MeasuredSite;

describe('what is least measured', () => {
  it('is the site with the most values only stated, and of two the larger', () => {
    const found = leastMeasured([
      measured('one', ['ph']),
      measured('small', ['sun', 'ph'], { area_m2: 4 }),
      measured('large', ['ph', 'moisture'], { area_m2: 9 }),
    ]);
    expect([found?.site.id, found?.values]).toEqual(['large', ['ph', 'moisture']]);
  });
  it('is nothing where all is measured, and a pot has no soil to measure', () => {
    expect(leastMeasured([measured('done', [])])).toBeNull();
    expect(leastMeasured([measured('pot', ['texture', 'drainage', 'ph'], { kind: 'container' })])).toBeNull();
  });
});

const need = (stage: string, ratio: number) =>
  ({ need: { stage }, ratio, verdict: ratio >= 1 ? 'closed' : ratio >= 0.4 ? 'thin' : 'open' }) as unknown as NeedCoverage;
const row = (target: string, ...needs: NeedCoverage[]) => {
  const ratio = Math.min(...needs.map((each) => each.ratio));
  return { target, needs, ratio, verdict: ratio >= 1 ? 'closed' : 'open' } as TargetCoverage;
};

describe('who is nearest to closing', () => {
  it('has the fewest needs open, of those the best served; its worst need is named', () => {
    const found = nearestToClosing({
      targets: [
        row('closed', need('host', 1)),
        row('two open', need('host', 0.9), need('nectar', 0.8)),
        row('one open', need('host', 1), need('nectar', 0.2)),
        row('one thin', need('host', 0.6), need('nectar', 1)),
      ],
    });
    expect([found?.row.target, found?.need.need.stage]).toEqual(['one thin', 'host']);
    const two = nearestToClosing({ targets: [row('two open', need('host', 0.9), need('nectar', 0.8))] });
    expect(two?.need.need.stage).toBe('nectar');
  });
  it('is nobody where none is chosen, all close, or one asks for nothing that could be served', () => {
    expect(nearestToClosing({ targets: [] })).toBeNull();
    expect(nearestToClosing({ targets: [row('closed', need('host', 1))] })).toBeNull();
    expect(nearestToClosing({ targets: [{ target: 'idle', needs: [], ratio: 0, verdict: 'open' }] })).toBeNull();
  });
});
