import type { Plant, Propagation } from '../model/reference';
import { RAISE_METHODS, SEED_METHODS, type RaiseMethod } from '../model/vocabulary';
import { hostNames } from './hosts';

/** One way to raise a plant: the row that says so, and whether it speaks of the plant itself or of its genus or family. */
export interface Way {
  method: RaiseMethod;
  row: Propagation;
  /** Said of its genus or family: the figures are those of its kin, and count as one step less certain. */
  ofKin: boolean;
}

const SEED: ReadonlySet<string> = new Set(SEED_METHODS);
/** Is it a way from seed? */
export const isSeedMethod = (method: string): boolean => SEED.has(method);

/**
 * The ways of raising plants by whom they speak of. The nearest rows count: of the plant before its species, genus and
 * family; for seed all of them together, for each other way by itself. A row that says never takes a way out, one for
 * `any` all of them.
 */
export class WayBook {
  readonly #rows = new Map<string, Propagation[]>();
  readonly #known = new Map<string, Way[]>();

  constructor(propagation: readonly Propagation[]) {
    for (const row of propagation) {
      const list = this.#rows.get(row.plant);
      if (list) list.push(row);
      else this.#rows.set(row.plant, [row]);
    }
  }

  /** The ways of a plant in the order of the methods; none for what is never raised. */
  of(plant: Pick<Plant, 'id' | 'scientific' | 'family'>): Way[] {
    const known = this.#known.get(plant.id);
    if (known) return known;
    const found = new Map<RaiseMethod, Way | null>();
    let seedFrom: string | null = null;
    const [id, species, ...kin] = [...new Set(hostNames(plant))];
    for (const name of [id!, species!, ...kin]) {
      for (const row of this.#rows.get(name) ?? []) {
        for (const method of row.method) {
          if (method === 'any') return this.#keep(plant.id, []);
          if (isSeedMethod(method)) {
            seedFrom ??= name;
            if (seedFrom !== name) continue;
          }
          const before = found.get(method);
          if (before !== undefined) continue;
          found.set(method, row.never ? null : { method, row, ofKin: name !== id && name !== hostNames(plant)[1] });
        }
      }
    }
    return this.#keep(
      plant.id,
      RAISE_METHODS.flatMap((method) => found.get(method) ?? []),
    );
  }
  #keep(id: string, ways: Way[]): Way[] {
    this.#known.set(id, ways);
    return ways;
  }

  /** Does its seed want weeks of cold, so that it is ordered in autumn? */
  wantsCold(plant: Pick<Plant, 'id' | 'scientific' | 'family'>): boolean {
    return this.of(plant).some(({ method, row }) => isSeedMethod(method) && (row.chill_days ?? 0) > 0);
  }
}
