import { removeCase } from '../../../../database/records/cases';
import { removal } from '../../../../http/route';

export default removal('Removes a case, with what was said of its tasks.', (request) =>
  removeCase(request.db, request.gardenId, request.known('case')),
);
