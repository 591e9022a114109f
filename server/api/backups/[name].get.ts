import { createReadStream } from 'node:fs';
import { mustFindBackup } from '../../database/backups/backups';
import { route } from '../../http/route';

export default route({ does: 'Gives a backup as a file to be kept elsewhere.', answers: 'an SQLite database' }, (request) => {
  const { path, name, bytes } = mustFindBackup(request.store, request.param('name'));
  request.header('Content-Type', 'application/vnd.sqlite3');
  request.header('Content-Length', String(bytes));
  request.header('Content-Disposition', `attachment; filename="${name}"`);
  return createReadStream(path);
});
