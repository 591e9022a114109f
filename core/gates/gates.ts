import type { Caution, Plant } from '../model/reference';
import type { GardenFields } from '../model/garden';
import { isListed, type StatusHere } from './status';

export interface Gate {
  kind: 'invasive' | 'toxic' | 'natives-only' | 'trap' | 'protected' | 'unrecorded' | 'caution' | 'deer';
  /** A refused plant cannot enter the plan; a warning is shown where the choice is made. */
  effect: 'refuse' | 'warn';
  sentence: string;
}

export type GateGarden = Pick<GardenFields, 'children' | 'dogs' | 'cats' | 'grazing' | 'passers_by' | 'deer' | 'school_plants'>;

/** Who of this household a hazard is about, in words; empty where nobody is. */
function atRisk(hazard: Caution['hazard'], garden: GateGarden): string {
  if (hazard === 'people' || hazard === 'skin-eye')
    return garden.children ? 'the children here' : garden.passers_by ? 'passers-by' : '';
  if (hazard === 'pets') return [garden.dogs && 'the dogs', garden.cats && 'the cats'].filter(Boolean).join(' and ');
  if (hazard === 'livestock') return garden.grazing ? 'the grazing animals over the fence' : '';
  return '';
}

/**
 * What bars a plant from this garden or must be said before it is chosen, whatever its fit.
 * `trapFor` names the chosen targets whose larvae die on it. Refusals come first.
 */
export function gates(
  plant: Pick<Plant, 'common' | 'deer'>,
  status: StatusHere,
  cautions: readonly Caution[],
  garden: GateGarden,
  trapFor: readonly string[],
): Gate[] {
  const found: Gate[] = [];
  if (isListed(status.status)) {
    found.push({
      kind: 'invasive',
      effect: 'refuse',
      sentence: `${plant.common} is listed as ${status.status} here (${status.row?.as_of}); it may be unlawful to plant. Check with your local extension office.`,
    });
  }
  for (const target of trapFor) {
    found.push({
      kind: 'trap',
      effect: 'refuse',
      sentence: `A trap: ${target} lays on it and the caterpillars die.`,
    });
  }
  if (garden.school_plants === 'natives-only' && !status.native && !isListed(status.status)) {
    found.push({
      kind: 'natives-only',
      effect: 'refuse',
      sentence: `Not native here, and this garden plants natives only.`,
    });
  }
  if (!status.row)
    found.push({
      kind: 'unrecorded',
      effect: 'warn',
      sentence: 'The library has no record of it in this region: make sure that it is harmless here before you plant it.',
    });
  for (const caution of cautions) {
    const who = atRisk(caution.hazard, garden);
    // Passers-by are warned of; who lives here is kept safe.
    const refuse = who !== '' && who !== 'passers-by' && caution.severity === 3;
    found.push({
      kind: who ? 'toxic' : 'caution',
      effect: refuse ? 'refuse' : 'warn',
      sentence: who ? `${caution.note} A danger to ${who}.` : caution.note,
    });
  }
  if (plant.deer === 'low' && garden.deer !== 'none')
    found.push({
      kind: 'deer',
      effect: 'warn',
      sentence: `Deer browse ${plant.common}${garden.deer === 'many' ? ', and they come often here' : ''}: fence it while it is young, or set it among what they leave.`,
    });
  if (status.status === 'protected') {
    found.push({
      kind: 'protected',
      effect: 'warn',
      sentence: 'Protected here: buy it nursery-propagated and never dig it from the wild.',
    });
  }
  return found.sort((a, b) => Number(b.effect === 'refuse') - Number(a.effect === 'refuse'));
}
