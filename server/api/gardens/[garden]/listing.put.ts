import { ListingFields } from '../../../../core/model/garden';
import { listGardenAs } from '../../../database/records/gardens';
import { change, withRevision } from '../../../http/route';

export default change(
  { does: 'Changes a garden’s tags and whether it is archived.', body: withRevision(ListingFields) },
  ({ db, body, gardenId }) => listGardenAs(db, gardenId, body.revision, body.fields),
);
