import { z } from 'zod';
import { name } from '../../../../../../core/model/fields';
import { renamePlan } from '../../../../../database/records/plans';
import { change, withRevision } from '../../../../../http/route';

export default change({ does: 'Renames a plan.', body: withRevision(z.object({ name })) }, (request) => {
  const { db, body, gardenId } = request;
  renamePlan(db, gardenId, { id: request.param('plan'), revision: body.revision }, body.fields.name);
});
