import { restoreBackup } from '../../../database/backups/backups';
import { backupList } from '../../../http/backup-list';
import { encodeLibrary } from '../../../http/library-parts';
import { route } from '../../../http/route';

export default route(
  {
    does: 'Goes back to a backup: every garden is as it was then. What is here now is backed up before.',
    answers: 'the name of the backup that was made before, which undoes this, and the backups as they are now',
  },
  async (request) => {
    const { before } = await restoreBackup(request.store, request.param('name'));
    encodeLibrary(request.store);
    return { before, ...backupList(request.store) };
  },
);
