import { removeBatch } from '../../../../database/records/batches';
import { removal } from '../../../../http/route';

export default removal('Removes a batch, with what was said of its steps.', (request) =>
  removeBatch(request.db, request.gardenId, request.known('batch')),
);
