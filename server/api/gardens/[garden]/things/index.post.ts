import { z } from 'zod';
import { ThingFields } from '../../../../../core/model/yard';
import { addThings } from '../../../../database/records/survey';
import { addition } from '../../../../http/route';

const Things = z.array(ThingFields).min(1, 'Nothing was drawn.').max(200, 'Draw no more than 200 things at once.');

export default addition(
  'things',
  { does: 'Draws things in the yard, several as one change.', body: Things },
  ({ db, body, gardenId }) => addThings(db, gardenId, body)[0]!,
);
