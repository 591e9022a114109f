import type { Caution, Plant, PlantStatus } from '../../model/reference';
import type { GardenFields } from '../../model/garden';
import { isListed } from '../../library/status';
import type { PlantHere, StatusHere } from '../../model/here';
import { SETTINGS } from '../../settings';

/** Whom of a household a hazard is about. */
export type AtRisk = 'children' | 'passers-by' | 'dogs' | 'cats' | 'grazing';

/**
 * What bars a plant from a garden or must be said before it is chosen. A refused plant cannot enter the plan; a warning
 * is shown where the choice is made.
 */
export type Gate = { effect: 'refuse' | 'warn' } & (
  | { kind: 'invasive'; common: string; status: PlantStatus['status']; as_of: number | null }
  /** Listed in other places, and nothing is recorded of it here. */
  | { kind: 'listed-elsewhere'; common: string }
  | { kind: 'trap'; target: string }
  /** In the library so that it is known, and never planted: why. */
  | { kind: 'never'; common: string; note: string }
  | { kind: 'natives-only' | 'unrecorded' | 'protected' }
  /** A caution, and who here is at risk by it: `toxic` where anybody is. */
  | { kind: 'toxic' | 'caution'; note: string; severity: number; risks: AtRisk[]; allowed: boolean }
  | { kind: 'disease'; note: string }
  | { kind: 'deer'; common: string; often: boolean }
);

export type GateGarden = Pick<
  GardenFields,
  'children' | 'dogs' | 'cats' | 'grazing' | 'passers_by' | 'deer' | 'school_plants' | 'allowed'
>;

/** Who of this household a hazard is about. */
function atRisk(hazard: Caution['hazard'], garden: GateGarden): AtRisk[] {
  if (hazard === 'people' || hazard === 'skin-eye')
    return garden.children ? ['children'] : garden.passers_by ? ['passers-by'] : [];
  if (hazard === 'pets') return (['dogs', 'cats'] as const).filter((pets) => garden[pets]);
  return hazard === 'livestock' && garden.grazing ? ['grazing'] : [];
}

/**
 * What bars a plant from this garden or must be said before it is chosen, whatever its fit.
 * `trapFor` names the chosen targets whose larvae die on it. Refusals come first.
 */
export function gates(
  plant: Pick<Plant, 'id' | 'common' | 'deer' | 'manners'>,
  status: StatusHere,
  cautions: readonly Caution[],
  garden: GateGarden,
  trapFor: readonly string[],
): Gate[] {
  const { common } = plant;
  const listed = isListed(status.status);
  const found: Gate[] = [];
  if (listed) found.push({ kind: 'invasive', effect: 'refuse', common, status: status.status, as_of: status.row?.as_of ?? null });
  if (plant.manners === 'never' && !listed) {
    const gravest = [...cautions].sort((a, b) => b.severity - a.severity)[0];
    found.push({ kind: 'never', effect: 'refuse', common, note: gravest?.note ?? '' });
  }
  for (const target of trapFor) found.push({ kind: 'trap', effect: 'refuse', target });
  if (garden.school_plants === 'natives-only' && !status.native && !listed)
    found.push({ kind: 'natives-only', effect: 'refuse' });
  if (!status.offered)
    found.push(
      status.listedIn.length > 0 ? { kind: 'listed-elsewhere', effect: 'warn', common } : { kind: 'unrecorded', effect: 'warn' },
    );
  const allowed = garden.allowed.includes(plant.id);
  for (const { hazard, severity, note } of cautions) {
    if (hazard === 'disease') {
      found.push({ kind: 'disease', effect: 'warn', note });
      continue;
    }
    const risks = atRisk(hazard, garden);
    // Passers-by are warned of; who lives here is kept safe, unless they know and allow it.
    const refuse = severity === 3 && !allowed && risks.some((who) => who !== 'passers-by');
    const kind = risks.length > 0 ? 'toxic' : 'caution';
    found.push({ kind, effect: refuse ? 'refuse' : 'warn', note, severity, risks, allowed });
  }
  if (plant.deer === 'low' && garden.deer !== 'none')
    found.push({ kind: 'deer', effect: 'warn', common, often: garden.deer === 'many' });
  if (status.status === 'protected') found.push({ kind: 'protected', effect: 'warn' });
  return found.sort((a, b) => Number(b.effect === 'refuse') - Number(a.effect === 'refuse'));
}

export type HazardGate = Extract<Gate, { kind: 'toxic' | 'caution' }>;

/** Is it a danger to somebody here, and not only a nuisance? To passers-by only the gravest is. */
export const isDanger = (gate: Gate): gate is HazardGate =>
  gate.kind === 'toxic' && gate.risks.some((who) => gate.severity >= (who === 'passers-by' ? 3 : SETTINGS.gates.danger));

/**
 * What makes a plant a danger to who lives or walks by here, unless it is allowed in spite of it. Where no gate refuses it
 * a gardener may plant it, but nobody proposes it.
 */
export const dangersOf = (
  { plant, status, cautions }: Pick<PlantHere, 'plant' | 'status' | 'cautions'>,
  garden: GateGarden,
): HazardGate[] =>
  gates(plant, status, cautions, garden, [])
    .filter(isDanger)
    .filter(({ allowed }) => !allowed);

/** What is to be said beside a plant wherever it is proposed, planned or bought: whom here it can hurt, and what takes it. */
export const warningsFor = (
  { plant, status, cautions }: Pick<PlantHere, 'plant' | 'status' | 'cautions'>,
  garden: GateGarden,
): Gate[] => gates(plant, status, cautions, garden, []).filter(({ kind }) => kind === 'toxic' || kind === 'disease');

/** The gate that refuses a plant of this place to a garden, the first where there are several; undefined where none does. */
export const refusalFor = (
  { plant, status, cautions }: Pick<PlantHere, 'plant' | 'status' | 'cautions'>,
  garden: GateGarden,
  trapFor: readonly string[],
): Gate | undefined => gates(plant, status, cautions, garden, trapFor).find(({ effect }) => effect === 'refuse');
