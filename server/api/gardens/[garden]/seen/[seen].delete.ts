import { readGarden } from '../../../../database/gardens';
import { removeSeen } from '../../../../database/seen';
import { route } from '../../../../http/route';

export default route(null, ({ db, param }) => {
  removeSeen(db, param('garden'), param('seen'));
  return readGarden(db, param('garden'));
});
