import { statfsSync, statSync } from 'node:fs';
import { dirname } from 'node:path';
import type { BackupList } from '../../core/model/installation';
import { backupFolder } from '../database/backups/backups';
import { listBackups } from '../database/backups/files';
import type { Store } from '../database/open';
import { dailyFault } from './daily';

/** The backups of an installation as they are answered, with what they need to be judged by. */
export function backupList(store: Store): BackupList {
  const folder = backupFolder(store);
  const { bavail, bsize } = statfsSync(dirname(store.file));
  return {
    folder,
    backups: listBackups(folder),
    bytes: statSync(store.file).size,
    free: bavail * bsize,
    fault: dailyFault(),
  };
}
