import { readGarden, restoreGarden } from '../../../database/gardens';
import { route } from '../../../http/route';

export default route(null, ({ db, param }) => {
  restoreGarden(db, param('garden'));
  return readGarden(db, param('garden'));
});
