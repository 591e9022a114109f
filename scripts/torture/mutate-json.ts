import { oneOf, type Random } from './report';

/** Values that break what does not look at what it is given. */
export const STRANGE: unknown[] = [
  null,
  true,
  -1,
  0,
  1e308,
  Number.MAX_SAFE_INTEGER,
  0.1,
  '',
  ' ',
  'x'.repeat(5000),
  '\u0000',
  '\u202Eedis',
  '\uD800',
  '__proto__',
  'constructor',
  '2026-02-30',
  "'; DROP TABLE garden; --",
  '../../etc/passwd',
  '=1+1',
  [],
  {},
  [[[[]]]],
  { __proto__: null, constructor: 1 },
];

/** A place in a JSON value: what holds it, and by which name. */
type Place = [Record<string, unknown>, string];

function placesIn(value: unknown, found: Place[] = []): Place[] {
  if (typeof value !== 'object' || value === null) return found;
  for (const key of Object.keys(value)) {
    found.push([value as Record<string, unknown>, key]);
    placesIn((value as Record<string, unknown>)[key], found);
  }
  return found;
}

/** A JSON value damaged in so many places: a value strange, gone, doubled, renamed or put elsewhere. It is changed itself. */
export function mutated(random: Random, value: unknown, times: number): unknown {
  if (typeof value !== 'object' || value === null) return oneOf(random, STRANGE);
  for (let i = 0; i < times; i++) {
    const places = placesIn(value);
    if (places.length === 0) return oneOf(random, STRANGE);
    const [holder, key] = oneOf(random, places);
    const held = holder[key];
    switch (Math.floor(random() * 6)) {
      case 0:
        if (Array.isArray(holder)) holder.splice(Number(key), 1);
        else delete holder[key];
        break;
      case 1:
        if (Array.isArray(held) && held.length > 0) held.push(held[0]);
        else holder[key] = [held, held];
        break;
      case 2: {
        const [otherHolder, otherKey] = oneOf(random, places);
        holder[key] = structuredClone(otherHolder[otherKey]);
        break;
      }
      case 3:
        if (typeof held === 'number') holder[key] = held * oneOf(random, [-1, 1e6, 0.5, 1e300]);
        else if (typeof held === 'string') holder[key] = held + oneOf(random, ['\u0000', ' ', '-', '9'.repeat(200)]);
        else holder[key] = oneOf(random, STRANGE);
        break;
      case 4:
        holder[`${key}x`] = held;
        break;
      default:
        holder[key] = oneOf(random, STRANGE);
    }
  }
  return value;
}
