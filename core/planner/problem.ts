import type { TargetHere } from '../almanac/almanac';
import { meetsSpecial, SPECIAL_FEATURES } from '../coverage/coverage';
import { SHELTERING, shelterShare, shelterSupply } from '../coverage/shelter';
import {
  isLaidOn,
  leafG,
  lightOf,
  lightShare,
  nectarOfPlant,
  nectarUnits,
  patchesBySite,
  patchShare,
  standsOf,
  type Stand,
} from '../coverage/supply';
import { HALF_MONTHS } from '../model/half-month';
import { needsOf, type Need } from '../needs/needs';
import { groundM2 } from '../quantities/quantities';
import { SETTINGS } from '../settings';
import { choicesByPlant, choicesFor, type Choices } from './choices';
import { costsOf, type Costs } from './preferences';
import type { PlanQuestion } from './question';
import { targetWeights } from './worth';

/**
 * The question as numbers: what may be chosen, what it adds to each need in each half-month, and what is there
 * already. Choices are numbered plants first, then features. Nothing here knows how it will be solved.
 */
export interface Problem {
  question: PlanQuestion;
  choices: Choices;
  costs: Costs;
  goals: Goal[];
  cells: Cell[];
  sums: Term[][];
  signs: Sign[];
  pools: Pool[];
  patches: Patch[];
}

/** A choice and what one of it counts. */
export type Term = readonly [choice: number, each: number];

/** A target to be closed. */
export interface Goal {
  target: string;
  weight: number;
  /** Share of its cells that what is kept has filled, and the cells still to fill. */
  given: number;
  cells: number[];
}

/** A need in a half-month that is not yet filled; shared where several targets or half-months ask for the very same. */
export interface Cell {
  of: { goal: number; share: number }[];
  /** Met wholly or not at all. */
  whole: boolean;
  amount: { demand: number; fixed: number; from: [sum: number, each: number][]; pooled: [pool: number, each: number][] } | null;
  /** Kinds wanted, kinds there, and the signs that tell of one more. */
  kinds: { wanted: number; fixed: number; from: number[] } | null;
  patch: number | null;
}

/** One more kind is there as soon as any of these choices stands in so many plants. */
export type Sign = Term[];

/** Leaf that several targets share: plants of it (grown and thriving), to be divided between them. */
export interface Pool {
  sum: number | null;
  fixed: number;
}

/** Host patches site by site, as shares of one that is found; the largest counts. */
export type Patch = { fixed: number; from: Term[] }[];

/** Makes each thing once, whoever asks for it. */
class Once<T> {
  readonly list: T[] = [];
  readonly #at = new Map<string, number>();
  get(key: string, make: () => T): number {
    let at = this.#at.get(key);
    if (at === undefined) {
      at = this.list.push(make()) - 1;
      this.#at.set(key, at);
    }
    return at;
  }
}

class Builder {
  readonly choices: Choices;
  readonly stands: Stand[];
  readonly sums = new Once<Term[]>();
  readonly signs = new Once<Sign>();
  readonly pools = new Once<Pool>();
  readonly patches = new Once<Patch>();
  readonly cells = new Once<Cell>();
  readonly byPlant: Map<string, number[]>;
  /** Number of the pattern of bloom over all plants in each half-month: equal numbers, equal bloom. */
  readonly bloomPattern: string[];

  constructor(readonly question: PlanQuestion) {
    this.choices = choicesFor(question);
    this.stands = standsOf(question.almanac, question.garden, question.sites, this.choices.kept, null).stands;
    this.byPlant = choicesByPlant(this.choices.plants);
    const plants = [...new Set([...this.choices.plants, ...this.stands].map(({ here }) => here))];
    this.bloomPattern = Array.from({ length: HALF_MONTHS }, (_, h) => plants.map((here) => here.bloomShares[h]).join());
  }

  /** The plants of a kind, grown and thriving, on the sites of a `part` of the garden. */
  sum(plant: string, part: string, within: (choice: number) => boolean, each: (choice: number) => number): number {
    return this.sums.get(`${plant} ${part}`, () =>
      this.byPlant
        .get(plant)!
        .filter(within)
        .map((choice) => [choice, each(choice)] as const),
    );
  }
  vigour = (choice: number) => this.choices.plants[choice]!.stand.vigour;
  here = (plant: string) => this.question.almanac.plants.get(plant)!;
  feature = (at: number) => this.choices.plants.length + at;

  sign(terms: Term[]): number {
    return this.signs.get(terms.join(';'), () => terms);
  }
  /** A sign for every plant of those given, where any of its choices stands at all. */
  signsOf(plants: Iterable<string>, within: (choice: number) => boolean = () => true): number[] {
    const signs: number[] = [];
    for (const plant of plants) {
      const terms = this.byPlant
        .get(plant)!
        .filter(within)
        .map((choice) => [choice, 1] as const);
      if (terms.length > 0) signs.push(this.sign(terms));
    }
    return signs;
  }
}

const round = (x: number) => Math.round(x * 1e9) / 1e9;

function nectarCells(b: Builder, target: TargetHere, need: Need, rivals: number): (number | null)[] {
  const units = new Map<string, number>();
  for (const plant of b.byPlant.keys()) {
    const each = nectarOfPlant(target.target, b.here(plant).plant) / rivals;
    if (each > 0) units.set(plant, each);
  }
  const standing = b.stands.map((stand) => nectarUnits(target, stand) / rivals);
  const profile = `${[...units].join()}|${standing.map(round).join()}`;
  const { inBloomShare, kindUnits } = SETTINGS.nectar;
  return need.halfMonths.map((h) => {
    const there = new Set<string>();
    let fixed = 0;
    b.stands.forEach(({ here, bloom }, i) => {
      const amount = standing[i]! * bloom.amount[h]!;
      fixed += amount;
      if (amount >= kindUnits && bloom.present[h]! >= inBloomShare) there.add(here.plant.id);
    });
    if (fixed >= need.demand - 1e-9 && there.size >= need.kinds) return null;
    return b.cells.get(`nectar ${need.demand} ${need.kinds} ${b.bloomPattern[h]} ${profile}`, () => {
      const from: [number, number][] = [];
      const signs: number[] = [];
      for (const [plant, each] of units) {
        const share = b.here(plant).bloomShares[h]!;
        if (share === 0) continue;
        from.push([b.sum(plant, 'all', () => true, b.vigour), each * share]);
        if (share < inBloomShare || there.has(plant)) continue;
        const terms = b.byPlant
          .get(plant)!
          .map((choice) => [choice, Math.max(1, Math.ceil(kindUnits / (each * share * b.vigour(choice)) - 1e-9))] as const)
          .filter(([choice, least]) => least <= b.choices.plants[choice]!.most);
        if (terms.length > 0) signs.push(b.sign(terms));
      }
      return {
        of: [],
        whole: false,
        amount: { demand: need.demand, fixed, from, pooled: [] },
        kinds: need.kinds > there.size ? { wanted: need.kinds, fixed: there.size, from: signs } : null,
        patch: null,
      };
    });
  });
}

interface Eater {
  here: TargetHere;
  need: Need;
}

/** Larvae a target raises on one grown, thriving plant in full leaf, in a light. */
function larvaeEach(target: TargetHere, b: Builder, plant: string, light: 'sun' | 'part' | 'shade'): number {
  const host = target.hosts.get(plant);
  const eats = target.target.larva_leaf_g;
  if (!host || !eats) return 0;
  const sunlit = { sun_h: light === 'sun' ? SETTINGS.light.sunH : light === 'part' ? SETTINGS.light.shadeH : 0 };
  const one = leafG({ count: 1, vigour: 1, here: b.here(plant) } as Stand);
  return (one * SETTINGS.host.rank[host.rank] * lightShare(host.light, sunlit)) / eats;
}

const LIGHTS = ['sun', 'part', 'shade'] as const;

function hostCells(
  b: Builder,
  { here: target, need }: Eater,
  eaters: readonly Eater[],
  patterns: readonly string[],
  patch: number | null,
): (number | null)[] {
  const plants = new Set([...b.byPlant.keys(), ...b.stands.map((stand) => stand.here.plant.id)]);
  const hosts = [...plants].filter((plant) => target.hosts.has(plant));
  const laidOn = (plant: string) => (choice: number) =>
    isLaidOn(target, b.choices.plants[choice]!.stand) && b.here(plant).plant.leaf_g > 0;
  return need.halfMonths.map((h) => {
    const from: [number, number][] = [];
    const pooled: [number, number][] = [];
    let fixed = 0;
    for (const plant of hosts) {
      const leaf = b.here(plant).foliageShares[h]!;
      if (leaf === 0) continue;
      for (const light of LIGHTS) {
        const each = larvaeEach(target, b, plant, light) * leaf;
        if (each === 0) continue;
        const inLight = (choice: number) => lightOf(b.choices.plants[choice]!.site) === light;
        const sum = b.byPlant.get(plant)?.some(inLight) ? b.sum(plant, light, inLight, b.vigour) : null;
        const standing = b.stands
          .filter((stand) => stand.here.plant.id === plant && lightOf(stand.site) === light)
          .reduce((all, stand) => all + (stand.count * stand.vigour * stand.foliageShares[h]!) / leaf, 0);
        if (sum === null && standing === 0) continue;
        const rivals = eaters.filter((other) => other.need.halfMonths.includes(h) && larvaeEach(other.here, b, plant, light) > 0);
        if (rivals.length > 1) {
          // In half-months of one pattern the same is shared in the same way; each finds the leaf whole again.
          const key = `${plant} ${light} ${patterns[h]}`;
          pooled.push([b.pools.get(key, () => ({ sum, fixed: standing })), each]);
        } else {
          if (sum !== null) from.push([sum, each]);
          fixed += standing * each;
        }
      }
    }
    const kindsThere = new Set(
      b.stands
        .filter((s) => isLaidOn(target, s) && s.foliageShares[h]! > 0 && s.here.plant.leaf_g > 0)
        .map((s) => s.here.plant.id),
    );
    const more = hosts.filter((plant) => !kindsThere.has(plant) && b.byPlant.has(plant) && b.here(plant).foliageShares[h]! > 0);
    const signs = more.flatMap((plant) => b.signsOf([plant], laidOn(plant)));
    if (pooled.length === 0 && fixed >= need.demand - 1e-9 && kindsThere.size >= need.kinds && patch === null) return null;
    const content: Omit<Cell, 'of'> = {
      whole: false,
      amount: { demand: need.demand, fixed, from, pooled },
      kinds: kindsThere.size < need.kinds ? { wanted: need.kinds, fixed: kindsThere.size, from: signs } : null,
      patch,
    };
    // A pool is divided between those that feed on it together, so their cells are their own.
    const key = pooled.length > 0 ? `${target.target.id} ${JSON.stringify(content)}` : JSON.stringify(content);
    return b.cells.get(`host ${key}`, () => ({ of: [], ...content }));
  });
}

/** For each half-month what the sharing of leaf hangs on: who feeds, and how far the hosts are in leaf. */
function leafPatterns(b: Builder, eaters: readonly Eater[]): string[] {
  const plants = [...new Set([...b.byPlant.keys(), ...b.stands.map((stand) => stand.here.plant.id)])].filter((plant) =>
    eaters.some(({ here }) => here.hosts.has(plant)),
  );
  return Array.from({ length: HALF_MONTHS }, (_, h) => {
    const feeding = eaters.filter(({ need }) => need.halfMonths.includes(h)).map(({ here }) => here.target.id);
    const timed = b.stands.filter((stand) => stand.foliageShares !== stand.here.foliageShares);
    return `${feeding.join()} ${plants.map((plant) => b.here(plant).foliageShares[h]).join()} ${timed.map((stand) => stand.foliageShares[h]).join()}`;
  });
}

/** The patch of a target: null where one that is found stands already. */
function patchOf(b: Builder, target: TargetHere): number | null {
  const there = patchesBySite(target, b.stands);
  if (Math.max(0, ...there.values()) >= 1 - 1e-9) return null;
  const bySite = new Map<string, { fixed: number; from: Term[] }>();
  for (const [site, fixed] of there) bySite.set(site, { fixed, from: [] });
  b.choices.plants.forEach(({ stand, site, here }, choice) => {
    if (!isLaidOn(target, stand)) return;
    const row = bySite.get(site.id) ?? { fixed: 0, from: [] };
    row.from.push([choice, patchShare(here.plant, target.target.patch_plants)]);
    bySite.set(site.id, row);
  });
  const patch = [...bySite.values()];
  return b.patches.get(JSON.stringify(patch), () => patch);
}

function shelterCells(b: Builder, target: TargetHere, need: Need): (number | null)[] {
  const { garden, sites } = b.question;
  const { area } = shelterSupply(target, b.stands, sites, garden.school_autumn);
  if (area >= need.demand - 1e-9) return need.halfMonths.map(() => null);
  const from: [number, number][] = [];
  for (const plant of b.byPlant.keys()) {
    const share = shelterShare(target, b.here(plant), garden.school_autumn);
    if (share === 0) continue;
    const inBed = (choice: number) => b.choices.plants[choice]!.site.kind === 'bed';
    if (!b.byPlant.get(plant)!.some(inBed)) continue;
    const sum = b.sum(plant, 'beds', inBed, (choice) => Math.min(1, b.vigour(choice)));
    from.push([sum, groundM2(b.here(plant).plant, 1, { kind: 'bed' }) * share]);
  }
  b.choices.features.forEach(({ feature }, i) => {
    if (feature === SHELTERING[target.target.overwinters_in])
      from.push([b.sums.get(`feature ${feature}`, () => [[b.feature(i), 1]]), SETTINGS.shelter.featureArea]);
  });
  const content = { whole: false, amount: { demand: need.demand, fixed: area, from, pooled: [] }, kinds: null, patch: null };
  const cell = b.cells.get(`shelter ${JSON.stringify(content)}`, () => ({ of: [], ...content }));
  return need.halfMonths.map(() => cell);
}

function specialCells(b: Builder, need: Need): (number | null)[] {
  const special = need.special!;
  const { sites } = b.question;
  if ((SPECIAL_FEATURES[special] ?? []).some((name) => sites.some((site) => site.features.includes(name))))
    return need.halfMonths.map(() => null);
  const natives = new Set(b.stands.filter((s) => s.here.status.native).map((s) => s.here.plant.id));
  return need.halfMonths.map((h) => {
    const insects = special === 'insects';
    const there = insects ? natives.size : Number(b.stands.some((stand) => meetsSpecial(special, stand, h)));
    const wanted = insects ? SETTINGS.special.insectKinds : 1;
    if (there >= wanted) return null;
    const from: number[] = [];
    for (const [plant, list] of b.byPlant) {
      if (insects ? !b.here(plant).status.native || natives.has(plant) : false) continue;
      const serving = insects ? list : list.filter((choice) => meetsSpecial(special, b.choices.plants[choice]!.stand, h));
      if (serving.length > 0) from.push(b.sign(serving.map((choice) => [choice, 1] as const)));
    }
    b.choices.features.forEach(({ feature }, i) => {
      if (SPECIAL_FEATURES[special]?.includes(feature)) from.push(b.sign([[b.feature(i), 1]]));
    });
    const content = { whole: true, amount: null, kinds: { wanted, fixed: there, from }, patch: null };
    return b.cells.get(`special ${JSON.stringify(content)}`, () => ({ of: [], ...content }));
  });
}

/** The question as numbers. Rows that several targets or half-months share are written once. */
export function problemOf(question: PlanQuestion): Problem {
  const b = new Builder(question);
  const weights = targetWeights(question.targets);
  const chosen = question.targets.map((row) => {
    const here = question.almanac.targets.get(row.target);
    return here ? { here, needs: needsOf(here.target, here.occurrence, here.flight, here.larval, row.ambition) } : null;
  });
  const eaters = chosen.flatMap((row) => {
    const need = row?.needs.find((n) => n.stage === 'host');
    return row && need ? [{ here: row.here, need }] : [];
  });
  const patterns = leafPatterns(b, eaters);
  const birdsIn = (h: number) =>
    chosen.filter((row) => row?.here.target.kind === 'hummingbird' && row.here.flightHalfMonths.includes(h)).length;

  const goals: Goal[] = [];
  chosen.forEach((row, i) => {
    if (!row) return;
    const { here, needs } = row;
    const found = needs.flatMap((need) => {
      if (need.stage === 'nectar') {
        const rivals = here.target.kind === 'hummingbird' ? Math.max(...need.halfMonths.map(birdsIn)) : 1;
        return nectarCells(b, here, need, rivals);
      }
      if (need.stage === 'host') return hostCells(b, { here, need }, eaters, patterns, patchOf(b, here));
      return need.stage === 'shelter' ? shelterCells(b, here, need) : specialCells(b, need);
    });
    const goal = goals.push({ target: here.target.id, weight: weights[i]!, given: 0, cells: [] }) - 1;
    const open = new Map<number, number>();
    for (const cell of found) if (cell !== null) open.set(cell, (open.get(cell) ?? 0) + 1);
    for (const [cell, times] of open) b.cells.list[cell]!.of.push({ goal, share: times / found.length });
    goals[goal]!.given = found.length === 0 ? 1 : found.filter((cell) => cell === null).length / found.length;
    goals[goal]!.cells = [...open.keys()];
  });
  return {
    question,
    choices: b.choices,
    costs: costsOf(question, b.choices),
    goals,
    cells: b.cells.list,
    sums: b.sums.list,
    signs: b.signs.list,
    pools: b.pools.list,
    patches: b.patches.list,
  };
}
