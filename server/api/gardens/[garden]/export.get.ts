import { exportGarden } from '../../../database/records/garden-file';
import { readShelf } from '../../../database/shelf';
import { route } from '../../../http/route';

export default route(
  {
    does: 'Exports a garden as its file, with what the shelf of this installation says of the library.',
    answers: 'the file, as docs/garden-file.schema.json describes it',
  },
  ({ db, gardenId }) => {
    const file = exportGarden(db, gardenId);
    const said = new Set(file.own.map((row) => `${row.file} ${row.key}`));
    const shelf = readShelf(db).filter((row) => !said.has(`${row.file} ${row.key}`));
    return { ...file, own: [...shelf.map(({ file: of, key, cells }) => ({ file: of, key, cells })), ...file.own] };
  },
);
