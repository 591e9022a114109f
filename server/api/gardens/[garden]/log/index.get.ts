import { getQuery } from 'h3';
import { packedLog } from '../../../../../core/log/packed';
import { Fault } from '../../../../database/faults';
import { logSince } from '../../../../database/records/log';
import { route } from '../../../../http/route';

export default route(
  {
    does: 'Gives the log of a garden, or what changed of it.',
    query: { since: 'The number of the last change that is known, for what came after it; left out: all of the log.' },
    answers: 'the number of the last change, entries as columns and rows, and the ids of those that are gone',
  },
  ({ db, event, gardenId }) => {
    const since = Number(getQuery(event).since ?? 0);
    if (!Number.isInteger(since) || since < 0) throw new Fault(422, 'Give the change as a whole number, as ?since=12.');
    return packedLog(logSince(db, gardenId, since));
  },
);
