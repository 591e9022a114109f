import { PlantingFields } from '../../../../../core/model/garden';
import { readGarden, updatePlanting } from '../../../../database/gardens';
import { mustKnow } from '../../../../http/names';
import { route, withRevision } from '../../../../http/route';

export default route(withRevision(PlantingFields), ({ db, library, body, param }) => {
  const plant = mustKnow(library.plants, body.fields.plant, 'plant', 'plant');
  updatePlanting(db, param('garden'), param('planting'), body.revision, body.fields, plant.common);
  return readGarden(db, param('garden'));
});
