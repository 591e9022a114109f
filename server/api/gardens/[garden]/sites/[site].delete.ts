import { readGarden, removeSite } from '../../../../database/gardens';
import { route } from '../../../../http/route';

export default route(null, ({ db, param }) => {
  removeSite(db, param('garden'), param('site'));
  return readGarden(db, param('garden'));
});
