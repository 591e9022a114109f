/** Failures from one place that cost nothing; after them each makes the next attempt wait twice as long. */
const FREE = 3;
const LONGEST_S = 900;
/** A place that has failed is forgotten after so long (ms). */
const FORGOTTEN_MS = 24 * 3_600_000;
const MOST_PLACES = 10_000;

/** Where an attempt comes from: an address, or the network of a home for the long ones of which each home has many. */
export function placeOf(address: string): string {
  const plain = address.replace(/^::ffff:/, '');
  return plain.includes(':') ? plain.split(':').slice(0, 4).join(':') : plain;
}

/** Attempts to sign in, by where they come from: who fails again and again waits longer each time. */
export class Attempts {
  readonly #places = new Map<string, { failed: number; until: number; at: number }>();

  /** Seconds to wait until the next attempt from an address is looked at; 0: it may be made. `now` in ms. */
  waitOf(address: string, now: number): number {
    const known = this.#places.get(placeOf(address));
    return known ? Math.max(0, Math.ceil((known.until - now) / 1000)) : 0;
  }

  failed(address: string, now: number) {
    const place = placeOf(address);
    const failed = (this.#places.get(place)?.failed ?? 0) + 1;
    const wait = failed < FREE ? 0 : Math.min(LONGEST_S, 2 ** (failed - FREE));
    this.#places.delete(place);
    this.#places.set(place, { failed, until: now + wait * 1000, at: now });
    for (const [other, { at }] of this.#places)
      if (now - at > FORGOTTEN_MS || this.#places.size > MOST_PLACES) this.#places.delete(other);
      else break;
  }

  succeeded(address: string) {
    this.#places.delete(placeOf(address));
  }
}
