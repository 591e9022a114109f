import { isIP } from 'node:net';

/**
 * Does a Host header name this server? An address in digits cannot be made to point elsewhere by whoever holds a name;
 * of names only this machine's own and those in OUTWASH_NAMES (separated by commas) count.
 */
export function isOwnHost(header: string, names: string = process.env.OUTWASH_NAMES ?? ''): boolean {
  if (!URL.canParse(`http://${header}`)) return false;
  const { hostname, host, username, pathname } = new URL(`http://${header}`);
  if (username || pathname !== '/' || host === '') return false;
  const bare = hostname.replace(/^\[|\]$/g, '').toLowerCase();
  if (isIP(bare) !== 0 || bare === 'localhost' || bare.endsWith('.localhost')) return true;
  return names
    .split(',')
    .map((name) => name.trim().toLowerCase())
    .includes(bare);
}
