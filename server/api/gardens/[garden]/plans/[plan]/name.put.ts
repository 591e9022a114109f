import { z } from 'zod';
import { name } from '../../../../../../core/model/fields';
import { readGarden } from '../../../../../database/gardens';
import { renamePlan } from '../../../../../database/plans';
import { route, withRevision } from '../../../../../http/route';

export default route(withRevision(z.object({ name })), ({ db, body, param }) => {
  renamePlan(db, param('garden'), param('plan'), body.revision, body.fields.name);
  return readGarden(db, param('garden'));
});
