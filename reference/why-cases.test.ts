import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readCases, worked, type WhyCase } from '../core/testing/why-cases';
import { diagnosisOf } from '../core/why/diagnosis';
import { readLibrary } from '../scripts/reference-files';

/** What is wrong, as practitioners would name it: the worked cases beside the causes that are calculated. */
const { library } = readLibrary();
const cases = readCases(readFileSync(new URL('./cases/why-cases.csv', import.meta.url), 'utf8'));
const answered = (row: WhyCase) => {
  const { here, day, question } = worked(row, library);
  return diagnosisOf(here.why, day, question);
};
const ranked = cases.map((row) => ({ row, found: answered(row) }));
if (process.env.SHOW)
  for (const { row, found } of ranked) {
    const names = found.causes.slice(0, 3).map(({ cause, share }) => `${cause.cause} ${share.toFixed(2)}`);
    const mark =
      found.causes[0]?.cause.cause === row.first
        ? ' '
        : found.causes.slice(0, 2).some((c) => c.cause.cause === row.first)
          ? '2'
          : 'X';
    console.log(
      `${mark} ${row.no} ${row.symptom} want ${row.first}: ${names.join(', ')} other ${found.other.toFixed(2)} ${found.verdict} next ${found.next?.check.id}`,
    );
    if (mark !== ' ' || process.env.SHOW === 'all')
      for (const c of found.causes.slice(0, 3))
        console.log(
          '      ',
          c.cause.cause,
          c.score.toFixed(1),
          c.reasons
            .map((r) => `${r.kind === 'fact' ? r.fact : r.kind === 'answer' ? r.check.id : 'season'}:${r.bits.toFixed(1)}`)
            .join(' '),
        );
  }

describe('the worked cases', () => {
  it('are forty or more', () => expect(cases.length).toBeGreaterThanOrEqual(40));
});
