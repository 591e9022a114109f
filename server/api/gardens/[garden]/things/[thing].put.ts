import { ThingFields } from '../../../../../core/model/yard';
import { readGarden } from '../../../../database/gardens';
import { updateThing } from '../../../../database/survey';
import { route, withRevision } from '../../../../http/route';

export default route(withRevision(ThingFields), ({ db, body, param }) => {
  updateThing(db, param('garden'), param('thing'), body.revision, body.fields);
  return readGarden(db, param('garden'));
});
