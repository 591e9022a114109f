import { deleteRemoved } from '../../database/records/gardens';
import { route } from '../../http/route';

export default route(
  { does: 'Deletes a removed garden for good. Only a backup brings it back.', answers: 'its id' },
  ({ db, gardenId }) => {
    deleteRemoved(db, gardenId);
    return { deleted: gardenId };
  },
);
