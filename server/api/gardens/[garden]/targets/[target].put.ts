import { TargetFields } from '../../../../../core/model/garden';
import { updateTarget } from '../../../../database/records/targets';
import { mustKnow, nameIn } from '../../../../http/names';
import { change, withRevision } from '../../../../http/route';

export default change({ does: 'Changes what is wanted of a target.', body: withRevision(TargetFields) }, (request) => {
  const { db, body, library, gardenId } = request;
  mustKnow(library.targets, body.fields.target, 'target', 'target');
  const known = { id: request.param('target'), revision: body.revision };
  updateTarget(db, gardenId, known, body.fields, nameIn(library.targets));
});
