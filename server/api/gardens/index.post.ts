import { GardenFields } from '../../../core/model/garden';
import { createGarden, readGarden } from '../../database/gardens';
import { mustKnow } from '../../http/names';
import { route } from '../../http/route';

export default route(GardenFields, ({ db, library, body }) => {
  mustKnow(library.regions, body.region, 'region', 'region');
  return readGarden(db, createGarden(db, body));
});
