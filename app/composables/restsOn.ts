/** What an answer rests on, as text: it is stale once this differs. Revisions say nothing by themselves. */
export const restsOn = (parts: readonly unknown[]): string =>
  JSON.stringify(parts, (key, value: unknown) => (key === 'revision' ? undefined : value));
