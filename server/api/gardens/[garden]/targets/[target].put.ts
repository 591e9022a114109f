import { TargetFields } from '../../../../../core/model/garden';
import { readGarden, updateTarget } from '../../../../database/gardens';
import { mustKnow } from '../../../../http/names';
import { route, withRevision } from '../../../../http/route';

export default route(withRevision(TargetFields), ({ db, library, body, param }) => {
  const target = mustKnow(library.targets, body.fields.target, 'target', 'target');
  updateTarget(db, param('garden'), param('target'), body.revision, body.fields, target.common);
  return readGarden(db, param('garden'));
});
