import { z } from 'zod';
import { Outline, ThingFields, YardFields } from '../../../../core/model/yard';
import { freshSite } from '../../../../core/place/yard/fresh';
import { importDrawing } from '../../../database/records/survey';
import { change } from '../../../http/route';

const Drawing = z.object({
  yard: YardFields,
  things: z.array(ThingFields).max(500, 'Keep a yard under 500 things.'),
  beds: z
    .array(z.object({ name: z.string().trim().min(1).max(80), kind: z.enum(['bed', 'container']), outline: Outline.min(1) }))
    .max(200, 'Keep a yard under 200 beds.'),
});

export default change(
  { does: 'Imports a drawing of the yard in place of the one there is.', body: Drawing },
  ({ db, body, gardenId, here }) =>
    importDrawing(db, gardenId, body, ({ name, kind, outline }) => freshSite(name, kind, outline, here.region)),
);
