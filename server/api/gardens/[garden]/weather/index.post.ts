import { z } from 'zod';
import { OwnDayFields } from '../../../../../core/model/work';
import { putDays } from '../../../../database/records/work';
import { change } from '../../../../http/route';

const Days = z.object({
  days: z.array(OwnDayFields).min(1, 'Give a day at least.').max(4000, 'Give no more than 4000 days at once.'),
});

export default change(
  { does: 'Writes down days of weather as the gardener’s gauge and thermometer showed them, over those there are.', body: Days },
  ({ db, body, gardenId }) => putDays(db, gardenId, body.days),
);
