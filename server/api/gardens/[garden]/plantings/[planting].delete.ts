import { readGarden, removePlanting } from '../../../../database/gardens';
import { commonName } from '../../../../http/names';
import { route } from '../../../../http/route';

export default route(null, ({ db, library, param }) => {
  removePlanting(db, param('garden'), param('planting'), (id) => commonName(library.plants, id));
  return readGarden(db, param('garden'));
});
