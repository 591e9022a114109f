import { describe, expect, it } from 'vitest';
import type { SeasonEvent } from '~~/core/words/events';
import { icsText } from './useSeasonIcs';

const event = (over: Partial<SeasonEvent>): SeasonEvent => ({
  key: 'flight-azure',
  kind: 'flight',
  title: 'Azure on the wing',
  note: 'Celastrina',
  first: '2026-05-01',
  last: '2026-05-31',
  ...over,
});
const garden = { id: 'yard', name: 'Yard' };

describe('the calendar file', () => {
  const text = icsText(
    [event({}), event({ key: 'cut-1', kind: 'cut', title: 'Cut 2 phlox, carefully', first: '2026-12-31', last: '2026-12-31' })],
    garden,
    2026,
  );
  const lines = text.split('\r\n');

  it('is an iCalendar of whole days; the end is the day after the last', () => {
    expect(lines[0]).toBe('BEGIN:VCALENDAR');
    expect(lines).toContain('DTSTART;VALUE=DATE:20260501');
    expect(lines).toContain('DTEND;VALUE=DATE:20260601');
    expect(lines).toContain('DTEND;VALUE=DATE:20270101');
    expect(lines.filter((line) => line === 'BEGIN:VEVENT')).toHaveLength(2);
    expect(lines.at(-2) ?? lines.at(-1)).toBe('END:VCALENDAR');
  });
  it('names each event once and for all, and escapes its words', () => {
    expect(lines).toContain('UID:cut-1-2026@yard.outwash');
    expect(lines).toContain('SUMMARY:Cut 2 phlox\\, carefully');
    expect(lines).toContain('CATEGORIES:Cut');
    expect(lines).toContain('X-WR-CALNAME:Yard: 2026');
  });
  it('does not take the days as busy', () => expect(lines.filter((line) => line === 'TRANSP:TRANSPARENT')).toHaveLength(2));
});
