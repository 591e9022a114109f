import { BatchFields } from '../../../../../core/model/raise';
import { updateBatch } from '../../../../database/records/batches';
import { mustKnow } from '../../../../http/names';
import { change, withRevision } from '../../../../http/route';

export default change({ does: 'Changes a batch, or writes down a look at it.', body: withRevision(BatchFields) }, (request) => {
  const { db, body, gardenId, here } = request;
  const known = { id: request.param('batch'), revision: body.revision };
  const { plant } = body.fields;
  updateBatch(db, gardenId, known, body.fields, mustKnow(here.library.plants, plant, 'plant', 'plant').common);
});
