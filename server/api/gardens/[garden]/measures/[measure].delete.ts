import { removeMeasure } from '../../../../database/records/survey';
import { removal } from '../../../../http/route';

export default removal('Deletes a measurement.', (request) =>
  removeMeasure(request.db, request.gardenId, request.known('measure')),
);
