import { packedLog } from '../../../../../core/log/packed';
import { logSince } from '../../../../database/records/log';
import { route } from '../../../../http/route';

export default route(
  {
    does: 'Gives the log of a garden, or what changed of it.',
    query: { since: 'The number of the last change that is known, for what came after it; left out: all of the log.' },
    answers: 'the number of the last change, entries as columns and rows, and the ids of those that are gone',
  },
  ({ db, gardenId, since }) => packedLog(logSince(db, gardenId, since ?? 0)),
);
