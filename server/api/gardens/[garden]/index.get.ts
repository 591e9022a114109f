import { readGarden } from '../../../database/records/reading';
import { route } from '../../../http/route';

export default route({ does: 'Gives a garden with all its records.', answers: 'the garden' }, ({ db, gardenId }) =>
  readGarden(db, gardenId),
);
