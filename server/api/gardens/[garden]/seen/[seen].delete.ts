import { removeSeen } from '../../../../database/records/seen';
import { removal } from '../../../../http/route';

export default removal('Deletes a recorded day.', (request) => removeSeen(request.db, request.gardenId, request.known('seen')));
