import { expect, it } from 'vitest';
import { clockOffset } from './clock';

// Summer time of 2026 runs from 8 March to 1 November.
it.each([
  ['Boston in June', -71, '2026-06-20', 'MA', -4],
  ['Boston in January', -71, '2026-01-20', 'MA', -5],
  ['the day before it begins', -71, '2026-03-07', 'MA', -5],
  ['the day it begins', -71, '2026-03-08', 'MA', -4],
  ['the last of October', -71, '2026-10-31', 'MA', -4],
  ['the day it ends', -71, '2026-11-01', 'MA', -5],
  ['Arizona, which keeps none', -110.4, '2026-06-20', 'AZ', -7],
  ['Denver in July', -105, '2026-07-04', null, -6],
  ['Seattle in July', -122, '2026-07-04', 'WA', -7],
])('%s', (_, lon, date, jurisdiction, offset) => expect(clockOffset(lon, date, jurisdiction)).toBe(offset));
