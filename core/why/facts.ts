import type { FactId } from '../model/symptoms';
import { CREATURE_OWN_FACTS } from './creature-facts';
import type { Finding } from './finding';
import { PLANT_OWN_FACTS } from './plant-facts';
import { SITE_FACTS } from './site-facts';
import type { Subject } from './subject';
import { WEATHER_FACTS } from './weather-facts';

/** Every fact that evidence may name, and how it is looked up. */
const FACT_TESTS: Record<FactId, (subject: Subject) => Finding> = {
  ...SITE_FACTS,
  ...PLANT_OWN_FACTS,
  ...WEATHER_FACTS,
  ...CREATURE_OWN_FACTS,
};

/** The facts of one subject: each is looked up when it is first asked for, and once. */
export class Facts {
  readonly #known = new Map<FactId, Finding>();
  constructor(readonly subject: Subject) {}

  of(fact: FactId): Finding {
    const known = this.#known.get(fact) ?? FACT_TESTS[fact](this.subject);
    this.#known.set(fact, known);
    return known;
  }
}
