import { GardenFields } from '../../../core/model/garden';
import { createGarden } from '../../database/records/gardens';
import { readGarden } from '../../database/records/reading';
import { mustKnow } from '../../http/names';
import { route } from '../../http/route';

export default route(
  { does: 'Makes a garden with an empty plan.', body: GardenFields, answers: 'the new garden', status: 201 },
  (request) => {
    const { db, store, body } = request;
    mustKnow(store.library.regions, body.region, 'region', 'region');
    const id = createGarden(db, body);
    request.header('Location', `/api/gardens/${id}`);
    return readGarden(db, id);
  },
);
