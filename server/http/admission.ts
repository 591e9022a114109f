import type { GardenHere } from '../../core/garden/here';
import { refusalFor } from '../../core/match/gates/gates';
import { trapsFor } from '../../core/match/gates/traps';
import { gateSentence } from '../../core/words/gates';
import { Fault } from '../database/faults';
import { mustKnow } from './names';

/** Lets a garden have plants only if no gate refuses them; a 422 fault with the gate's sentence where one does. */
export function mustAdmit(here: GardenHere, plants: Iterable<string>) {
  const chosen = here.targets.map((row) => row.target);
  for (const id of new Set(plants)) {
    mustKnow(here.library.plants, id, 'plant', 'plant');
    const refusal = refusalFor(here.almanac.plants.get(id)!, here.garden, trapsFor(here.almanac, chosen, id));
    if (!refusal) continue;
    const sentence = gateSentence(refusal);
    throw new Fault(422, sentence, { fields: { plant: sentence } });
  }
}
