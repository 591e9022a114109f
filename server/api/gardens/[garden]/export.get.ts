import { exportGarden } from '../../../database/records/garden-file';
import { route } from '../../../http/route';

export default route(
  { does: 'Exports a garden as its file.', answers: 'the file, as docs/garden-file.schema.json describes it' },
  ({ db, gardenId }) => exportGarden(db, gardenId),
);
