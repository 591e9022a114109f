type Fields = Record<string, unknown>;
const isFields = (value: unknown): value is Fields => typeof value === 'object' && value !== null && !Array.isArray(value);
const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

/** A draft begun at a record as it was `before`, on the record as it is `now`: what was typed stays, the rest follows. */
export function rebased(draft: unknown, before: unknown, now: unknown): unknown {
  if (same(draft, before)) return now;
  if (!isFields(draft) || !isFields(before) || !isFields(now)) return draft;
  return Object.fromEntries(Object.keys({ ...now, ...draft }).map((key) => [key, rebased(draft[key], before[key], now[key])]));
}
