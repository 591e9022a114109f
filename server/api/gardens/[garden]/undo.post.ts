import { step } from '../../../database/journal';
import { mustRead } from '../../../database/records/reading';
import { Step } from '../../../http/bodies';
import { change } from '../../../http/route';

export default change({ does: 'Undoes the last change of a garden.', body: Step }, ({ db, body, gardenId }) => {
  mustRead(db, 'garden', gardenId, gardenId);
  return { stepped: step(db, gardenId, 'undo', body.entry) };
});
