import { listGardens } from '../../database/records/gardens';
import { route } from '../../http/route';

export default route({ does: 'Lists the gardens, oldest first.', answers: 'a summary of each' }, ({ db }) => listGardens(db));
