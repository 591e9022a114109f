import { listRemoved } from '../../database/records/gardens';
import { route } from '../../http/route';

export default route(
  {
    does: 'Lists the gardens that were removed and can be brought back, the last removed first.',
    answers: 'the name of each, and until when',
  },
  ({ db }) => listRemoved(db),
);
