import { TargetFields } from '../../../../../core/model/garden';
import { addTarget, readGarden } from '../../../../database/gardens';
import { mustKnow } from '../../../../http/names';
import { gardenLibrary } from '../../../../http/garden-library';
import { route } from '../../../../http/route';

export default route(TargetFields, ({ body, param, ...store }) => {
  const { db } = store;
  const library = gardenLibrary(store, param('garden'));
  const target = mustKnow(library.targets, body.target, 'target', 'target');
  addTarget(db, param('garden'), body, target.common);
  return readGarden(db, param('garden'));
});
