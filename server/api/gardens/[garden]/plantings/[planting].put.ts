import { PlantingFields } from '../../../../../core/model/garden';
import { readGarden, updatePlanting } from '../../../../database/gardens';
import { admitted } from '../../../../http/admission';
import { gardenLibrary } from '../../../../http/garden-library';
import { mustKnow } from '../../../../http/names';
import { route, withRevision } from '../../../../http/route';

export default route(withRevision(PlantingFields), ({ body, param, ...store }) => {
  const before = readGarden(store.db, param('garden')).plantings.find((row) => row.id === param('planting'));
  const other = before && before.plant !== body.fields.plant;
  const plant = other
    ? admitted(store, param('garden'), body.fields)
    : mustKnow(gardenLibrary(store, param('garden')).plants, body.fields.plant, 'plant', 'plant');
  updatePlanting(store.db, param('garden'), param('planting'), body.revision, body.fields, plant.common);
  return readGarden(store.db, param('garden'));
});
