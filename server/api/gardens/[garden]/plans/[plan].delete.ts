import { readGarden } from '../../../../database/gardens';
import { removePlan } from '../../../../database/plans';
import { route } from '../../../../http/route';

export default route(null, ({ db, param }) => {
  removePlan(db, param('garden'), param('plan'));
  return readGarden(db, param('garden'));
});
