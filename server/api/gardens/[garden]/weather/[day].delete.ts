import { removeDay } from '../../../../database/records/work';
import { removal } from '../../../../http/route';

export default removal('Deletes a day’s weather as the gardener read it.', (request) =>
  removeDay(request.db, request.gardenId, request.known('day')),
);
