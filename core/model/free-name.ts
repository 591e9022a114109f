/** A name that is not taken yet, the next free number behind it where it is: `Bed`, `Bed 2`, `Bed 3`. */
export function freeName(name: string, taken: Iterable<string>): string {
  const known = new Set(taken);
  if (!known.has(name)) return name;
  for (let n = 2; ; n++) if (!known.has(`${name} ${n}`)) return `${name} ${n}`;
}
