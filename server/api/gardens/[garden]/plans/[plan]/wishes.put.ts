import { PlanWishes } from '../../../../../../core/model/wishes';
import { updateWishes } from '../../../../../database/records/plans';
import { change, withRevision } from '../../../../../http/route';

export default change({ does: 'Saves what is wished of proposals for a plan.', body: withRevision(PlanWishes) }, (request) => {
  const { db, body, gardenId } = request;
  updateWishes(db, gardenId, { id: request.param('plan'), revision: body.revision }, body.fields);
});
