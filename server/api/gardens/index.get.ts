import { listGardens } from '../../database/gardens';
import { route } from '../../http/route';

export default route(null, ({ db }) => listGardens(db));
