import { describe, expect, it } from 'vitest';
import { parseWeatherCsv } from './weather-csv';

describe('days of weather from a CSV', () => {
  it('take what is there, and leave blank cells open', () => {
    expect(parseWeatherCsv('\uFEFFDate, Low_C ,high_c,rain_mm\n2026-05-01,-2,11.5,\n2026-05-02,,,12\n')).toEqual({
      days: [
        { on_day: '2026-05-01', low_c: -2, high_c: 11.5, rain_mm: null },
        { on_day: '2026-05-02', low_c: null, high_c: null, rain_mm: 12 },
      ],
      fault: '',
    });
    expect(parseWeatherCsv('date,rain_mm\n2026-05-01,3').days).toHaveLength(1);
  });
  it.each([
    ['nothing', '', 'The file has no day in it.'],
    ['no date column', 'day,rain_mm\n2026-05-01,3', 'The column date is missing.'],
    ['a date that is none', 'date,rain_mm\n2026-02-30,3', 'Row 2: That day is not in the calendar.'],
    ['a word for a number', 'date,rain_mm\n2026-05-01,3\n2026-05-02,much', 'Row 3: '],
    ['an empty day', 'date,rain_mm\n2026-05-01,', 'Row 2: Give the rain or a temperature.'],
    ['a stray quote', 'date,rain_mm\n"2026-05-01,3', 'This is no CSV that can be read'],
  ])('take nothing of %s', (_, text, fault) => {
    const found = parseWeatherCsv(text);
    expect(found.days).toEqual([]);
    expect(found.fault).toContain(fault);
  });
});
