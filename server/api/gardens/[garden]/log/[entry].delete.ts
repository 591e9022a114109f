import { removeEntry } from '../../../../database/records/log';
import { removal } from '../../../../http/route';

export default removal('Removes an entry of the log.', (request) =>
  removeEntry(request.db, request.gardenId, request.known('entry')),
);
