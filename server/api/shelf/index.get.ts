import { readShelf } from '../../database/shelf';
import { route } from '../../http/route';

export default route(
  {
    does: 'Gives what is said of the library for all gardens of this installation.',
    answers: 'the rows on the shelf, each with the day it was put there',
  },
  ({ db }) => readShelf(db),
);
