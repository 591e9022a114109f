import { TargetFields } from '../../../../../core/model/garden';
import { addTarget, readGarden } from '../../../../database/gardens';
import { mustKnow } from '../../../../http/names';
import { route } from '../../../../http/route';

export default route(TargetFields, ({ db, library, body, param }) => {
  const target = mustKnow(library.targets, body.target, 'target', 'target');
  addTarget(db, param('garden'), body, target.common);
  return readGarden(db, param('garden'));
});
