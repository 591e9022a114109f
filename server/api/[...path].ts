import { Fault } from '../database/faults';
import { route } from '../http/route';

export default route({ does: 'Answers every address that is none.', answers: 'a sentence, with 404' }, () => {
  throw new Fault(404, 'There is nothing at this address.');
});
