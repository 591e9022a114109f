import { readGarden } from '../../../database/gardens';
import { step } from '../../../database/journal';
import { route } from '../../../http/route';

export default route(null, ({ db, param }) => {
  readGarden(db, param('garden'));
  const label = step(db, param('garden'), 'redo');
  return { ...readGarden(db, param('garden')), stepped: label };
});
