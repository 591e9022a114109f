import { restoreGarden } from '../../../database/records/gardens';
import { change } from '../../../http/route';

export default change({ does: 'Brings a removed garden back into the list.' }, ({ db, gardenId }) => restoreGarden(db, gardenId));
