import { placePlants } from '../../../../../database/records/plantings';
import { Places } from '../../../../../http/bodies';
import { change } from '../../../../../http/route';

export default change(
  { does: 'Says where the plants of a bed or container stand, as one change.', body: Places, most: 3_000_000 },
  (request) => placePlants(request.db, request.gardenId, request.param('site'), request.body),
);
