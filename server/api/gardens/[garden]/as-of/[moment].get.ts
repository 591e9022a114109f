import { z } from 'zod';
import { gardenAsOf } from '../../../../database/as-of';
import { Fault } from '../../../../database/faults';
import { route } from '../../../../http/route';

const Moment = z.union([z.literal('last-change'), z.iso.datetime()]);

export default route(null, ({ db, param }) => {
  const moment = Moment.safeParse(decodeURIComponent(param('moment')));
  if (!moment.success) throw new Fault(422, 'Give the moment as 2026-05-14T00:00:00Z, or last-change.');
  return gardenAsOf(db, param('garden'), moment.data);
});
