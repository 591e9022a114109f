import { z } from 'zod';
import { PlantingFields } from '../../../../../core/model/garden';
import { FEATURES } from '../../../../../core/model/vocabulary';
import { id } from '../../../../../core/model/fields';
import { readGarden } from '../../../../database/gardens';
import { takeProposal } from '../../../../database/plans';
import { admitted } from '../../../../http/admission';
import { route } from '../../../../http/route';

const Taking = z.object({
  label: z.string().trim().min(1, 'Say what is taken.').max(120),
  out: z.array(id).max(5000),
  plants: z
    .array(PlantingFields.pick({ plant: true, site_id: true, count: true }))
    .max(2000, 'Take no more than 2000 plantings at once.'),
  features: z.array(z.object({ feature: z.enum(FEATURES), site_id: id })).max(100),
});

export default route(Taking, ({ body, param, ...store }) => {
  for (const row of body.plants) admitted(store, param('garden'), row);
  takeProposal(store.db, param('garden'), body);
  return readGarden(store.db, param('garden'));
});
