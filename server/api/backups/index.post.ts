import { makeBackup } from '../../database/backups/backups';
import { backupList } from '../../http/backup-list';
import { route } from '../../http/route';

export default route(
  { does: 'Backs up all gardens of this installation.', answers: 'its name, and the backups as they are now', status: 201 },
  async (request) => {
    const { name } = await makeBackup(request.store, 'asked');
    request.header('Location', `/api/backups/${name}`);
    return { made: name, ...backupList(request.store) };
  },
);
