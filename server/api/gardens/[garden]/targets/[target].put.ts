import { TargetFields } from '../../../../../core/model/garden';
import { readGarden, updateTarget } from '../../../../database/gardens';
import { mustKnow } from '../../../../http/names';
import { gardenLibrary } from '../../../../http/garden-library';
import { route, withRevision } from '../../../../http/route';

export default route(withRevision(TargetFields), ({ body, param, ...store }) => {
  const { db } = store;
  const library = gardenLibrary(store, param('garden'));
  const target = mustKnow(library.targets, body.fields.target, 'target', 'target');
  updateTarget(db, param('garden'), param('target'), body.revision, body.fields, target.common);
  return readGarden(db, param('garden'));
});
