import { accessHere } from '../../http/access';
import { route } from '../../http/route';

export default route(
  {
    does: 'Says whether one has to sign in here and as what one has; whoever may change things, also who else may come in.',
    answers: 'how the one who asks stands',
  },
  ({ db, event }) => accessHere(db, event),
);
