import { EntryFields } from '../../../../../core/model/log';
import { updateEntry } from '../../../../database/records/log';
import { mustKnowNames } from '../../../../http/log-names';
import { change, withRevision } from '../../../../http/route';

export default change({ does: 'Changes an entry of the log.', body: withRevision(EntryFields) }, (request) => {
  const { db, body, library, gardenId } = request;
  mustKnowNames([body.fields], library);
  updateEntry(db, gardenId, { id: request.param('entry'), revision: body.revision }, body.fields);
});
