import { readGarden } from '../../../../database/gardens';
import { removeThing } from '../../../../database/survey';
import { route } from '../../../../http/route';

export default route(null, ({ db, param }) => {
  removeThing(db, param('garden'), param('thing'));
  return readGarden(db, param('garden'));
});
