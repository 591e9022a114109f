import { PlanWishes } from '../../../../../core/model/wishes';
import { readGarden } from '../../../../database/gardens';
import { updateWishes } from '../../../../database/plans';
import { route, withRevision } from '../../../../http/route';

export default route(withRevision(PlanWishes), ({ body, param, db }) => {
  updateWishes(db, param('garden'), param('plan'), body.revision, body.fields);
  return readGarden(db, param('garden'));
});
