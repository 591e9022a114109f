import { GardenFile } from '../../../core/model/garden';
import { importGarden, readGarden } from '../../database/gardens';
import { mustKnow } from '../../http/names';
import { route } from '../../http/route';

export default route(GardenFile, ({ db, library, body }) => {
  mustKnow(library.regions, body.garden.region, 'garden.region', 'region');
  body.targets.forEach((row, i) => mustKnow(library.targets, row.target, `targets.${i}.target`, 'target'));
  body.plantings.forEach((row, i) => mustKnow(library.plants, row.plant, `plantings.${i}.plant`, 'plant'));
  return readGarden(db, importGarden(db, body));
});
