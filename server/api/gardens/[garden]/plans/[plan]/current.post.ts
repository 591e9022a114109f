import { z } from 'zod';
import { readGarden } from '../../../../../database/gardens';
import { makeCurrent } from '../../../../../database/plans';
import { route } from '../../../../../http/route';

export default route(z.object({}), ({ db, param }) => {
  makeCurrent(db, param('garden'), param('plan'));
  return readGarden(db, param('garden'));
});
