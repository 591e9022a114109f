import { readGarden } from '../../../../database/gardens';
import { removeMeasure } from '../../../../database/survey';
import { route } from '../../../../http/route';

export default route(null, ({ db, param }) => {
  removeMeasure(db, param('garden'), param('measure'));
  return readGarden(db, param('garden'));
});
