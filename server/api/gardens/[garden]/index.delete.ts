import { removeGarden } from '../../../database/gardens';
import { route } from '../../../http/route';

export default route(null, ({ db, param }) => {
  removeGarden(db, param('garden'));
  return { removed: param('garden') };
});
