import { removeWork } from '../../../../database/records/work';
import { removal } from '../../../../http/route';

export default removal('Takes back what was said of a task, or an own task.', (request) =>
  removeWork(request.db, request.gardenId, request.known('work')),
);
