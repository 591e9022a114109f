import { GardenFields } from '../../../../core/model/garden';
import { readGarden, updateGarden } from '../../../database/gardens';
import { mustKnow } from '../../../http/names';
import { route, withRevision } from '../../../http/route';

export default route(withRevision(GardenFields), ({ db, library, body, param }) => {
  mustKnow(library.regions, body.fields.region, 'region', 'region');
  updateGarden(db, param('garden'), body.revision, body.fields);
  return readGarden(db, param('garden'));
});
