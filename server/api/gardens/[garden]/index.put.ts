import { GardenFields } from '../../../../core/model/garden';
import { updateGarden } from '../../../database/records/gardens';
import { mustKnow } from '../../../http/names';
import { change, withRevision } from '../../../http/route';

export default change(
  { does: 'Changes the place, the household, the yard and the prices of a garden.', body: withRevision(GardenFields) },
  ({ db, store, body, gardenId }) => {
    mustKnow(store.library.regions, body.fields.region, 'region', 'region');
    updateGarden(db, gardenId, body.revision, body.fields);
  },
);
