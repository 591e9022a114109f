import type { BackupKind, Role } from '../model/installation';

const STEP = 1000;
const UNITS = ['bytes', 'kB', 'MB', 'GB', 'TB'];

/** A size in bytes as people say it: `640 bytes`, `3.2 MB`. */
export function bytesWords(bytes: number): string {
  let value = bytes;
  let unit = 0;
  while (value >= STEP && unit < UNITS.length - 1) {
    value /= STEP;
    unit++;
  }
  return `${unit === 0 || value >= 100 ? Math.round(value) : value.toFixed(1)} ${UNITS[unit]}`;
}

export const BACKUP_WORDS: Record<BackupKind, string> = {
  daily: 'made that day',
  asked: 'asked for',
  'before-import': 'before an import',
  'before-restore': 'before going back',
  'before-migration': 'before a new version',
};

export const ROLE_WORDS: Record<Role, string> = { change: 'to change things', read: 'to look' };

/** What kind of device a browser says that it runs on. */
export function deviceWords(device: string): string {
  if (/iPad|Tablet/i.test(device)) return 'a tablet';
  if (/Mobi|Android|iPhone/i.test(device)) return 'a phone';
  return /Mozilla/.test(device) ? 'a computer' : 'a program';
}

/** Where somebody asked from: this machine, or an address of the network. */
export const addressWords = (address: string): string =>
  /^(::ffff:)?127\.|^::1$/.test(address) ? 'this machine' : address.replace(/^::ffff:/, '');
