import { PlantingFields } from '../../../../../core/model/garden';
import { addPlanting, readGarden } from '../../../../database/gardens';
import { admitted } from '../../../../http/admission';
import { route } from '../../../../http/route';

export default route(PlantingFields, ({ body, param, ...store }) => {
  const plant = admitted(store, param('garden'), body);
  addPlanting(store.db, param('garden'), body, plant.common);
  return readGarden(store.db, param('garden'));
});
