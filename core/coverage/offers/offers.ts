import { isPlanted } from '../../model/states';
import type { Drawback } from '../../match/craft/kinds';
import type { FitVerdict } from '../../model/here';
import { finish, type Steps } from '../../model/steps';
import { coverage, type CoverageInput } from '../coverage';
import type { Rule } from '../gives/rule';
import { ruleFor } from '../gives/rules';
import type { Coverage, NeedCoverage } from '../types';
import { withChange, type Change } from './change';
import { mostPromising, placeFinder, type Candidate, type NearMiss, type Places } from './places';

export interface Offer {
  change: Change;
  /** The need's ratio now and with the change made. */
  before: number;
  after: number;
  /** Half-months that stay short of what is needed, now and with the change made. */
  gapsBefore: number;
  gapsAfter: number;
  closes: boolean;
  /** Native here; true for changes that are not plants. */
  native: boolean;
  fit: FitVerdict | null;
  /** What speaks against the plant; offered only where nothing else would close the need. */
  drawbacks: readonly Drawback[];
}

/** What is known of the plant of a change before it is tried. */
type OfPlant = Pick<Offer, 'native' | 'fit' | 'drawbacks'>;
const NO_PLANT: OfPlant = { native: true, fit: null, drawbacks: [] };

export interface Offers {
  offers: Offer[];
  /** Plants that would serve the need but for something, the nearest first. */
  nearMisses: NearMiss[];
}

const MOST_TRIED = 16;
const MOST_OFFERED = 5;
const MOST_WITHOUT_PLANTS = 3;
const MOST_MISSES = 4;

/** Features that serve the need on beds that have none, and the autumn school that leaves most of it. */
function changesWithoutPlants(input: CoverageInput, rule: Rule): Change[] {
  const changes = [...rule.features.keys()].flatMap((feature) =>
    input.sites
      .filter((site) => site.kind === 'bed' && isPlanted(site) && !site.features.includes(feature))
      .map((site): Change => ({ kind: 'feature', site_id: site.id, feature })),
  );
  if (rule.autumn && input.garden.school_autumn !== 'leave') changes.push({ kind: 'autumn', school: 'leave' });
  return changes.slice(0, MOST_WITHOUT_PLANTS);
}

/** A change tried on the garden: what it does for a need, with all it does; null where it does not help. */
export function tryChange(
  input: CoverageInput,
  targetId: string,
  covered: NeedCoverage,
  change: Change,
  ofPlant = NO_PLANT,
): { offer: Offer; after: Coverage } | null {
  const after = coverage({ ...withChange(input, change), targets: input.targets });
  const need = after.targets
    .find((row) => row.target === targetId)!
    .needs.find((n) => n.need.stage === covered.need.stage && n.need.special === covered.need.special)!;
  const helps = need.ratio > covered.ratio + 1e-9 || need.gaps.length < covered.gaps.length;
  if (!helps) return null;
  return {
    after,
    offer: {
      change,
      before: covered.ratio,
      after: need.ratio,
      gapsBefore: covered.gaps.length,
      gapsAfter: need.gaps.length,
      closes: need.verdict === 'closed',
      ...ofPlant,
    },
  };
}

/** What is known of a candidate before it is tried. */
export const ofCandidate = ({ here, verdict, drawbacks }: Candidate): OfPlant => ({
  native: here.status.native,
  fit: verdict,
  drawbacks,
});

/** The change that plants a candidate. */
export const plantingOf = ({ here, site, count }: Candidate): Extract<Change, { kind: 'plant' }> => ({
  kind: 'plant',
  plant: here.plant.id,
  site_id: site.id,
  count,
});

/**
 * Offers in their order: what closes the need, then what nothing speaks against, then what leaves the fewest gaps, then
 * natives. Kinds with a drawback are left out where another closes the need.
 */
function wantedFirst(offers: readonly Offer[]): Offer[] {
  const isClosed = offers.some((row) => row.closes && row.drawbacks.length === 0);
  return offers
    .filter((row) => !isClosed || row.drawbacks.length === 0)
    .sort(
      (a, b) =>
        Number(b.closes) - Number(a.closes) ||
        a.drawbacks.length - b.drawbacks.length ||
        a.gapsAfter - b.gapsAfter ||
        Number(b.native) - Number(a.native),
    );
}

/**
 * What would serve a need that is thin or open: every remedy that coverage accepts, tried on the plan and ranked by
 * whether it closes the need, nativeness, fit and ground taken; and the plants that would do but for something.
 */
export const offersFor = (...of: Parameters<typeof offersInSteps>): Offers => finish(offersInSteps(...of));

/** The same, plant by plant and trial by trial. */
export function* offersInSteps(input: CoverageInput, targetId: string, covered: NeedCoverage): Steps<Offers> {
  const rule = ruleFor(input, targetId, covered.need);
  if (!rule || covered.verdict === 'closed') return { offers: [], nearMisses: [] };
  const placesFor = placeFinder(input, rule, covered);
  const candidates: Candidate[] = [];
  const misses: NonNullable<Places['miss']>[] = [];
  for (const here of input.almanac.plants.values()) {
    // What is not recorded in this region may belong to another end of the continent: it is not offered.
    if (!here.status.offered) continue;
    yield;
    const places = placesFor(here);
    candidates.push(...places.candidates);
    if (places.miss && places.candidates.length === 0) misses.push(places.miss);
  }
  const toTry: [Change, OfPlant][] = [
    ...changesWithoutPlants(input, rule).map((change): [Change, OfPlant] => [change, NO_PLANT]),
    ...mostPromising(rule, candidates, MOST_TRIED).map((one): [Change, OfPlant] => [plantingOf(one), ofCandidate(one)]),
  ];
  const offers: Offer[] = [];
  for (const [change, ofPlant] of toTry) {
    yield;
    const tried = tryChange(input, targetId, covered, change, ofPlant);
    if (tried) offers.push(tried.offer);
  }
  misses.sort((a, b) => a.distance - b.distance);
  return {
    offers: wantedFirst(offers).slice(0, MOST_OFFERED),
    nearMisses: misses.slice(0, MOST_MISSES).map(({ plant, site, why }) => ({ plant, site, why })),
  };
}
