import { z } from 'zod';
import { id, name } from '../../../../../core/model/fields';
import { PlantingFields } from '../../../../../core/model/garden';
import { readGarden } from '../../../../database/gardens';
import { keepPlan } from '../../../../database/plans';
import { admitted } from '../../../../http/admission';
import { route } from '../../../../http/route';

const Kept = z.object({
  name,
  out: z.array(id).max(5000).default([]),
  plants: z
    .array(PlantingFields.pick({ plant: true, site_id: true, count: true }))
    .max(2000, 'A plan takes no more than 2000 plantings at once.')
    .default([]),
});

export default route(Kept, ({ body, param, ...store }) => {
  for (const row of body.plants) admitted(store, param('garden'), row);
  keepPlan(store.db, param('garden'), body);
  return readGarden(store.db, param('garden'));
});
