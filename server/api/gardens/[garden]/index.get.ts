import { readGarden } from '../../../database/gardens';
import { route } from '../../../http/route';

export default route(null, ({ db, param }) => readGarden(db, param('garden')));
