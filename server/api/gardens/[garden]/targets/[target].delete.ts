import { removeTarget } from '../../../../database/records/targets';
import { nameIn } from '../../../../http/names';
import { removal } from '../../../../http/route';

export default removal('Removes a target from those chosen.', (request) =>
  removeTarget(request.db, request.gardenId, request.known('target'), nameIn(request.library.targets)),
);
