import { endOthers, endSession } from '../../../access/sessions';
import { sessionHere } from '../../../access/visitor';
import { Fault } from '../../../database/faults';
import { accessHere } from '../../../http/access';
import { route } from '../../../http/route';

export default route(
  { does: 'Ends a session, or (`others`) every one but that of whoever asks.', answers: 'who may come in then' },
  (request) => {
    const { db, event } = request;
    const id = request.param('session');
    if (id === 'others') endOthers(db, sessionHere(db, event)?.id ?? '');
    else if (!endSession(db, id)) throw new Fault(404, 'That session has ended already.');
    return accessHere(db, event);
  },
);
