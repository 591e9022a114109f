import { step } from '../../../database/journal';
import { mustRead } from '../../../database/records/reading';
import { Step } from '../../../http/bodies';
import { change } from '../../../http/route';

export default change({ does: 'Does the change again that was undone last.', body: Step }, ({ db, body, gardenId }) => {
  mustRead(db, 'garden', gardenId, gardenId);
  return { stepped: step(db, gardenId, 'redo', body.entry) };
});
