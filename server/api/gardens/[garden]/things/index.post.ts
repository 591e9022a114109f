import { z } from 'zod';
import { ThingFields } from '../../../../../core/model/yard';
import { readGarden } from '../../../../database/gardens';
import { addThings } from '../../../../database/survey';
import { route } from '../../../../http/route';

export default route(z.array(ThingFields).min(1, 'Nothing was drawn.').max(200), ({ db, body, param }) => {
  addThings(db, param('garden'), body);
  return readGarden(db, param('garden'));
});
