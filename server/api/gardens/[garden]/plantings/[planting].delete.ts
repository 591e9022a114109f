import { readGarden, removePlanting } from '../../../../database/gardens';
import { commonName } from '../../../../http/names';
import { gardenLibrary } from '../../../../http/garden-library';
import { route } from '../../../../http/route';

export default route(null, ({ param, ...store }) => {
  const { db } = store;
  const library = gardenLibrary(store, param('garden'));
  removePlanting(db, param('garden'), param('planting'), (id) => commonName(library.plants, id));
  return readGarden(db, param('garden'));
});
