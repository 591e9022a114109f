import { readGarden, removeTarget } from '../../../../database/gardens';
import { commonName } from '../../../../http/names';
import { route } from '../../../../http/route';

export default route(null, ({ db, library, param }) => {
  removeTarget(db, param('garden'), param('target'), (id) => commonName(library.targets, id));
  return readGarden(db, param('garden'));
});
