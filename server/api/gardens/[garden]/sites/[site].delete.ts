import { removeSite } from '../../../../database/records/sites';
import { removal } from '../../../../http/route';

export default removal('Removes a bed or a container with what is planted and was measured there.', (request) =>
  removeSite(request.db, request.gardenId, request.known('site')),
);
