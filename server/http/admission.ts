import { gates } from '../../core/gates/gates';
import { statusHere } from '../../core/gates/status';
import { resolveHosts } from '../../core/almanac/hosts';
import type { PlantingFields } from '../../core/model/garden';
import { Fault } from '../database/faults';
import { readGarden } from '../database/gardens';
import type { Store } from '../database/open';
import { gardenLibrary } from './garden-library';
import { mustKnow } from './names';

/** The plant of a planting, if this garden may have it; a 422 fault with the gate's sentence where it may not. */
export function admitted(store: Store, gardenId: string, fields: Pick<PlantingFields, 'plant'>) {
  const library = gardenLibrary(store, gardenId);
  const plant = mustKnow(library.plants, fields.plant, 'plant', 'plant');
  const { garden, targets } = readGarden(store.db, gardenId);
  const status = statusHere(
    library.status.filter((row) => row.plant === plant.id),
    garden.region,
    garden.jurisdiction,
  );
  const trapFor = targets.flatMap(({ target }) => {
    const hosts = resolveHosts(
      library.hosts.filter((row) => row.target === target),
      [plant],
    );
    return hosts.get(plant.id)?.rank === 'trap' ? [library.targets.find((row) => row.id === target)!.common] : [];
  });
  const cautions = library.cautions.filter((row) => row.plant === plant.id);
  const refusal = gates(plant, status, cautions, garden, trapFor).find((gate) => gate.effect === 'refuse');
  if (refusal) throw new Fault(422, refusal.sentence, { fields: { plant: refusal.sentence } });
  return plant;
}
