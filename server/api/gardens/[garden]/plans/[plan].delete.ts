import { removePlan } from '../../../../database/records/plans';
import { removal } from '../../../../http/route';

export default removal('Removes a plan that is not the current one, with its plantings.', (request) =>
  removePlan(request.db, request.gardenId, request.known('plan')),
);
