import { z } from 'zod';
import { Fault } from '../../../../database/faults';
import { gardenAsOf } from '../../../../database/records/as-of';
import { route } from '../../../../http/route';

const Moment = z.union([z.literal('last-change'), z.iso.datetime()]);

export default route(
  {
    does: 'Gives a garden as it stood at a moment (such as 2026-05-14T00:00:00Z), or before its last change.',
    answers: 'all its records then, and the labels of the changes since',
  },
  (request) => {
    const moment = Moment.safeParse(request.param('moment'));
    if (!moment.success) throw new Fault(422, 'Give the moment as 2026-05-14T00:00:00Z, or last-change.');
    return gardenAsOf(request.db, request.gardenId, moment.data);
  },
);
