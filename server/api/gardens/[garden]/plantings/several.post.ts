import { changeSeveral } from '../../../../database/records/plantings';
import { Several } from '../../../../http/bodies';
import { change } from '../../../../http/route';

export default change(
  { does: 'Moves several plantings to another bed, or removes them (site_id null), as one change.', body: Several },
  ({ db, body, gardenId }) => changeSeveral(db, gardenId, body.plantings, body.site_id),
);
