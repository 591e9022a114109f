import { exportGarden } from '../../../database/gardens';
import { route } from '../../../http/route';

export default route(null, ({ db, param }) => exportGarden(db, param('garden')));
