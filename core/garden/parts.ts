import { finish, type Steps } from '../model/steps';

/** The value before, where the new one says the same: so that what depends on it is not calculated again. */
export const unlessSame = <T>(before: T, now: T): T =>
  before === now || JSON.stringify(before) === JSON.stringify(now) ? before : now;

/** The rows of a list with the identity they had before, and the list with its own, where they say the same. */
export function rowsUnlessSame<T extends { id: string }>(before: T[], now: T[]): T[] {
  const known = new Map(before.map((row) => [row.id, row]));
  const rows = now.map((row) => unlessSame(known.get(row.id) ?? row, row));
  return rows.length === before.length && rows.every((row, i) => row === before[i]) ? before : rows;
}

/** Values made once from what they depend on, and made again when any of that is another. */
export class Parts {
  readonly #made = new Map<string, { from: readonly unknown[]; value: unknown }>();

  /** Takes over what another has made, as a start: what depends on something else is made again when it is asked for. */
  take(other: Parts) {
    for (const [name, made] of other.#made) this.#made.set(name, made);
  }

  /** Is the part of a name made, and from these? */
  #has(name: string, from: readonly unknown[]): boolean {
    const known = this.#made.get(name);
    return known !== undefined && known.from.length === from.length && known.from.every((part, i) => part === from[i]);
  }

  /** What the part of a name was when it was last made, whatever from; undefined where it never was. */
  latest<T>(name: string): T | undefined {
    return this.#made.get(name)?.value as T | undefined;
  }

  /** The part of a name, made by `make` (given the value before) where it is new or `from` differs by identity. */
  get<T>(name: string, from: readonly unknown[], make: (before: T | undefined) => T): T {
    return finish(
      this.inSteps(name, from, function* (before: T | undefined) {
        return make(before);
      }),
    );
  }

  /** The same, made in steps where it is not known yet. */
  *inSteps<T>(name: string, from: readonly unknown[], make: (before: T | undefined) => Steps<T>): Steps<T> {
    const known = this.#made.get(name);
    if (known && this.#has(name, from)) return known.value as T;
    const value = yield* make(known?.value as T | undefined);
    this.#made.set(name, { from, value });
    return value;
  }
}
