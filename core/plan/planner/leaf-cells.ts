import { lightShare, raisedAlone } from '../../coverage/gives/host';
import { broodByHalfMonth, isWatered, type Eaten } from '../../coverage/gives/leaf-stock';
import type { Rule } from '../../coverage/gives/rule';
import type { Stand } from '../../coverage/stands';
import { patchesBySite } from '../../coverage/supply';
import { groupBy } from '../../model/group';
import { HALF_MONTHS } from '../../model/half-month';
import type { Host } from '../../model/reference';
import type { ProblemBuilder } from './builder';
import type { SharedLeaf, Term } from './cells';

/** Plants of one kind that are eaten alike, to be chosen and kept: they raise larvae of every target in one proportion. */
interface LeafGroup {
  plant: string;
  /** One grown, thriving plant of it. */
  one: Stand;
  choices: number[];
  /** Kept plants, counted as grown, thriving ones. */
  kept: number;
}

function leafGroups(b: ProblemBuilder, eaten: readonly Rule[]): LeafGroup[] {
  const groups = new Map<string, LeafGroup>();
  // Sites whose light is alike to all who lay on a plant, and whose leaf grows back alike, are one.
  const lightsOn = new Map<string, Set<Host['light']>>();
  for (const { target } of eaten)
    for (const [plant, { light }] of target.hosts) lightsOn.set(plant, (lightsOn.get(plant) ?? new Set()).add(light));
  const groupOf = (stand: Stand) => {
    const { plant } = stand.here;
    const lights = [...(lightsOn.get(plant.id) ?? [])].sort().map((light) => lightShare(light, stand.site));
    // What is cut or sown at its own time has leaf and buds of its own.
    const timed = stand.foliageShares !== stand.here.foliageShares || stand.bloom.amount !== stand.here.bloomShares;
    const key = [plant.id, ...lights, isWatered(stand.site), timed ? stand.id : ''].join(' ');
    const known = groups.get(key) ?? { plant: plant.id, one: { ...stand, count: 1, vigour: 1 }, choices: [], kept: 0 };
    groups.set(key, known);
    return known;
  };
  b.choices.plants.forEach(({ stand }, choice) => groupOf(stand).choices.push(choice));
  for (const stand of b.stands) groupOf(stand).kept += stand.count * stand.vigour;
  return [...groups.values()];
}

/** The patch of a target: null where one that is found stands already. */
function patchFor(b: ProblemBuilder, rule: Rule): number | null {
  const there = patchesBySite(rule, b.stands);
  if (Math.max(0, ...there.values()) >= 1 - 1e-9) return null;
  const bySite = new Map<string, { fixed: number; from: Term[] }>();
  for (const [site, fixed] of there) bySite.set(site, { fixed, from: [] });
  b.choices.plants.forEach(({ stand, site }, choice) => {
    const share = rule.of(stand)?.patch ?? 0;
    if (share === 0) return;
    const row = bySite.get(site.id) ?? { fixed: 0, from: [] };
    row.from.push([choice, share]);
    bySite.set(site.id, row);
  });
  const patch = [...bySite.values()];
  return b.patches.get(JSON.stringify(patch), () => patch);
}

/** A group as every target eats it, and the shared leaf it is where targets meet on it. */
interface EatenGroup extends LeafGroup {
  of: (Eaten | null)[];
  resource: number | null;
  /** Numbers of the parts, by target and brood. */
  parts: Map<number, number[]>;
}

/** The half-months of a shared leaf that may bind: none that asks no more of any brood than another does. */
function bindingRows(uses: readonly { part: number; takes: Float64Array }[]): SharedLeaf['rows'] {
  const rows = Array.from({ length: HALF_MONTHS }, (_, h) => uses.map(({ takes }) => takes[h]!));
  const covers = (a: readonly number[], b: readonly number[]) => b.every((take, i) => take <= a[i]! + 1e-12);
  return rows.flatMap((row, h): SharedLeaf['rows'] => {
    if (row.every((take) => take === 0)) return [];
    const covered = rows.some((other, g) => g !== h && covers(other, row) && (g < h || !covers(row, other)));
    return covered ? [] : [row.flatMap((take, i): [number, number][] => (take > 0 ? [[uses[i]!.part, take]] : []))];
  });
}

const totalOf = (b: ProblemBuilder, { choices }: LeafGroup): number | null =>
  choices.length === 0 ? null : b.total(choices.map((choice): Term => [choice, b.choices.plants[choice]!.stand.vigour]));

/** Makes a group a shared leaf: a part for each brood of each target that eats it, and what they take together. */
function share(b: ProblemBuilder, group: EatenGroup) {
  group.resource = b.resources.length;
  const users = group.of.filter((of) => of !== null).length;
  const uses: { part: number; takes: Float64Array }[] = [];
  group.of.forEach((of, t) => {
    if (!of) return;
    const alone = raisedAlone(of);
    const parts = of.broods.map(({ missing }, brood) => {
      const part = b.parts.push({ resource: group.resource!, alone: alone[brood]!, users }) - 1;
      uses.push({ part, takes: missing.map((grams, h) => (of.stock.spare[h]! > 0 ? grams / of.stock.spare[h]! : 0)) });
      return part;
    });
    group.parts.set(t, parts);
  });
  b.resources.push({ total: totalOf(b, group), fixed: group.kept, rows: bindingRows(uses) });
}

/**
 * Answers the cells of each target's leaf, half-month by half-month; null where what is kept fills one. Leaf of a target
 * that meets no other adds to its cells directly. Where several eat of one leaf, at the same time or one after another, it
 * is a shared resource, of which every brood takes a part.
 */
export function leafCellsFor(b: ProblemBuilder, eaten: readonly Rule[]): (rule: Rule) => (number | null)[] {
  const groups = leafGroups(b, eaten)
    .map((group): EatenGroup => ({
      ...group,
      of: eaten.map((rule) => rule.eats!(group.one)),
      resource: null,
      parts: new Map(),
    }))
    .filter(({ of }) => of.some((one) => one !== null));
  const users = ({ of }: EatenGroup) => of.filter((one) => one !== null).length;
  const meets = eaten.map((_, t) => groups.some((group) => group.of[t] && users(group) > 1));
  for (const group of groups) if (group.of.some((of, t) => of && meets[t])) share(b, group);
  const standing = groupBy(b.stands, (stand) => stand.here.plant.id);
  return (rule) => leafCells(b, groups, standing, rule, eaten.indexOf(rule));
}

function leafCells(
  b: ProblemBuilder,
  groups: readonly EatenGroup[],
  standing: ReadonlyMap<string, Stand[]>,
  rule: Rule,
  t: number,
): (number | null)[] {
  const patch = patchFor(b, rule);
  const own = groups.filter(({ of }) => of[t]);
  const giving = b.givingTo(rule);
  const brood = broodByHalfMonth(rule.target.larval);
  return rule.need.halfMonths.map((h) => {
    const from: [number, number][] = [];
    const shared: [number, number][] = [];
    let fixed = 0;
    for (const group of own) {
      const there = group.of[t]!.stock.there[h]!;
      if (group.resource !== null) {
        if (there > 0 && brood[h]! >= 0) shared.push([group.parts.get(t)![brood[h]!]!, there]);
        continue;
      }
      const each = rule.of(group.one)!.each(h);
      if (each === 0) continue;
      const total = totalOf(b, group);
      if (total !== null) from.push([total, each]);
      fixed += group.kept * each;
    }
    const keptKinds = [...standing].filter(([, stands]) =>
      stands.some((stand) => stand.count >= (rule.of(stand)?.kindFrom(h) ?? Infinity)),
    );
    const there = new Set(keptKinds.map(([plant]) => plant));
    if (shared.length === 0 && fixed >= rule.amount - 1e-9 && there.size >= rule.kinds && patch === null) return null;
    const indicators = [...giving].flatMap(([plant, list]) => (there.has(plant) ? [] : (b.kindIn(list, h) ?? [])));
    const content = {
      whole: false,
      amount: { demand: rule.amount, fixed, strong: fixed, from, pale: [], shared },
      kinds: there.size < rule.kinds ? { wanted: rule.kinds, fixed: there.size, from: indicators } : null,
      patch,
    };
    // A resource is divided between those that feed on it, so their cells are their own.
    return b.cell(content, shared.length > 0 ? rule.target.target.id : '');
  });
}
