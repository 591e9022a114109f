import { z } from 'zod';
import { Outline, ThingFields, YardFields } from '../../../../core/model/yard';
import { freshSite } from '../../../../core/yard/fresh';
import { readGarden } from '../../../database/gardens';
import { takeDrawing } from '../../../database/survey';
import { route } from '../../../http/route';

const Drawing = z.object({
  yard: YardFields,
  things: z.array(ThingFields).max(500, 'Keep a yard under 500 things.'),
  beds: z
    .array(z.object({ name: z.string().trim().min(1).max(80), kind: z.enum(['bed', 'container']), outline: Outline.min(1) }))
    .max(200, 'Keep a yard under 200 beds.'),
});

export default route(Drawing, ({ db, body, param }) => {
  takeDrawing(db, param('garden'), body, ({ name, kind, outline }) => freshSite(name, kind, outline));
  return readGarden(db, param('garden'));
});
