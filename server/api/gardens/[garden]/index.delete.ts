import { removeGarden } from '../../../database/records/gardens';
import { route } from '../../../http/route';

export default route(
  {
    does: 'Removes a garden from the list; it can be restored.',
    query: { revision: 'The revision of the garden that was seen; another one is refused with 409.' },
    answers: 'its id',
  },
  (request) => {
    const { id, revision } = request.known('garden');
    removeGarden(request.db, id, revision);
    return { removed: id };
  },
);
