import { backupList } from '../../http/backup-list';
import { route } from '../../http/route';

export default route(
  {
    does: 'Lists the backups of this installation, the newest first.',
    answers: 'the backups, where they are, and the room left',
  },
  ({ store }) => backupList(store),
);
