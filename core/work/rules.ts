import { hostNames } from '../library/hosts';
import type { Garden, Site } from '../model/garden';
import type { Care, Library, Plant } from '../model/reference';
import type { CareAction, CareTag } from '../model/vocabulary';
import { isInZones } from '../place/climate/zones';
import { comesIn, tagsByRule, tagsByTable } from './tags';

/** What of a garden its rules of care depend on. */
export type CareGarden = Pick<Garden, 'region' | 'half_zone' | 'school_autumn' | 'school_pots'>;

/** What holds of one plant in one place at one age: what is done, and when it never is. */
export interface CareOf {
  rules: Care[];
  /** Rows that forbid an action, always or in the days they name. */
  never: Care[];
  /** Rows that would hold, were they not forbidden always. */
  overruled: Care[];
}

/** What of a plant here its care depends on. */
type CarePlant = { plant: Plant; status: { native: boolean } };

const MOVES: ReadonlySet<CareAction> = new Set(['bring-in', 'harden-off', 'take-out']);

/** Does a row hold in a garden, by its regions or half-zones? */
function holdsIn({ where }: Care, { region, half_zone }: CareGarden): boolean {
  if (where === '') return true;
  return where.split('|').some((place) => place === region || (/^\d/.test(place) && isInZones(place, half_zone)));
}

/** Rules of care by whom they speak of. */
export class CareBook {
  readonly #rows = new Map<string, Care[]>();
  readonly #tags: (plant: Plant) => CareTag[];
  readonly #known = new Map<string, CareOf>();

  constructor(
    { care, tags }: Pick<Library, 'care' | 'tags'>,
    private readonly garden: CareGarden,
  ) {
    this.#tags = tagsByTable(tags);
    for (const row of care) {
      if (!holdsIn(row, garden)) continue;
      if (row.school && row.school !== garden.school_autumn && row.school !== garden.school_pots) continue;
      this.#rows.set(row.plant, [...(this.#rows.get(row.plant) ?? []), row]);
    }
  }

  /** Whom rows may speak of when they speak of a plant here, the most particular first. */
  names({ plant, status }: CarePlant, site: Pick<Site, 'kind' | 'pot'>): string[] {
    const [id, species, genus, family] = hostNames(plant);
    const { half_zone, school_pots } = this.garden;
    const tagged = this.#tags(plant).map((tag) => `#${tag}`);
    const ruled = tagsByRule(plant, status.native, site, half_zone, school_pots).map((tag) => `#${tag}`);
    return [id!, species!, genus!, ...tagged, ...ruled, family!, plant.kind, 'any'];
  }

  /**
   * What holds of a plant in a place at an age (years since planting). For each action the most particular rows count: of
   * the plant before its species, genus, tags, family and kind; a row that says never wins over all that would do it.
   */
  of(here: CarePlant, site: Pick<Site, 'kind' | 'pot'>, age: number): CareOf {
    const { plant } = here;
    const place = site.kind === 'container' ? 'pot' : 'ground';
    const key = `${plant.id} ${place} ${site.pot?.winter ?? ''} ${site.pot?.exposure ?? ''} ${site.pot?.material ?? ''} ${age}`;
    const known = this.#known.get(key);
    if (known) return known;
    const { half_zone, school_pots } = this.garden;
    const moves = comesIn(plant, site, half_zone, school_pots);
    const rank = new Map<CareAction, number>();
    const rules: Care[] = [];
    const never: Care[] = [];
    const names = this.names(here, site);
    // Tags stand on one step: what two of them say of an action both holds.
    const steps = names.map((name) =>
      name.startsWith('#') ? names.findIndex((other) => other.startsWith('#')) : names.indexOf(name),
    );
    names.forEach((name, i) => {
      if (names.indexOf(name) !== i) return;
      for (const row of this.#rows.get(name) ?? []) {
        if (row.place !== null && row.place !== place) continue;
        if (age < (row.age_from ?? 0) || age > (row.age_to ?? Infinity)) continue;
        if (row.never) {
          never.push(row);
          continue;
        }
        if (MOVES.has(row.action) && !moves) continue;
        const before = rank.get(row.action);
        if (before !== undefined && before < steps[i]!) continue;
        rank.set(row.action, steps[i]!);
        rules.push(row);
      }
    });
    const always = new Set(never.filter((row) => row.from === '' && row.until === '').map((row) => row.action));
    const found = {
      rules: rules.filter((row) => !always.has(row.action)),
      never,
      overruled: rules.filter((row) => always.has(row.action)),
    };
    this.#known.set(key, found);
    return found;
  }

  /** What is done about what a bed offers besides plants, by its feature; and `released`. */
  ofFeature(feature: string): Care[] {
    return this.#rows.get(`@${feature}`) ?? [];
  }
}
