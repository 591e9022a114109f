import { makeCurrent } from '../../../../../database/records/plans';
import { Seen } from '../../../../../http/bodies';
import { change } from '../../../../../http/route';

export default change({ does: 'Makes a plan the current one.', body: Seen }, (request) =>
  makeCurrent(request.db, request.gardenId, { id: request.param('plan'), revision: request.body.revision }),
);
