import { removeThing } from '../../../../database/records/survey';
import { removal } from '../../../../http/route';

export default removal('Removes a thing from the yard.', (request) =>
  removeThing(request.db, request.gardenId, request.known('thing')),
);
