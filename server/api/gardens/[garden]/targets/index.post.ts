import { TargetFields } from '../../../../../core/model/garden';
import { addTarget } from '../../../../database/records/targets';
import { mustKnow, nameIn } from '../../../../http/names';
import { addition } from '../../../../http/route';

export default addition('targets', { does: 'Chooses a target.', body: TargetFields }, ({ db, body, library, gardenId }) => {
  mustKnow(library.targets, body.target, 'target', 'target');
  return addTarget(db, gardenId, body, nameIn(library.targets));
});
