import { removePlanting } from '../../../../database/records/plantings';
import { nameIn } from '../../../../http/names';
import { removal } from '../../../../http/route';

export default removal('Removes a planting from its plan.', (request) =>
  removePlanting(request.db, request.gardenId, request.known('planting'), nameIn(request.library.plants)),
);
