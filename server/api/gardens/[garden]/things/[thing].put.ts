import { ThingFields } from '../../../../../core/model/yard';
import { updateThing } from '../../../../database/records/survey';
import { change, withRevision } from '../../../../http/route';

export default change({ does: 'Changes a thing in the yard.', body: withRevision(ThingFields) }, (request) => {
  const { db, body, gardenId } = request;
  updateThing(db, gardenId, { id: request.param('thing'), revision: body.revision }, body.fields);
});
