import { readGarden, removeTarget } from '../../../../database/gardens';
import { commonName } from '../../../../http/names';
import { gardenLibrary } from '../../../../http/garden-library';
import { route } from '../../../../http/route';

export default route(null, ({ param, ...store }) => {
  const { db } = store;
  const library = gardenLibrary(store, param('garden'));
  removeTarget(db, param('garden'), param('target'), (id) => commonName(library.targets, id));
  return readGarden(db, param('garden'));
});
