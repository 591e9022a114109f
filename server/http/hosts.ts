import { isIP } from 'node:net';
import { isLoopback, isWide } from '../access/listening';

/**
 * Does a Host header name this server? An address in digits cannot be made to point elsewhere by whoever holds a name: any
 * counts where the server listens wider than its own machine (`wide`), and this machine's own where it does not. Of names
 * only this machine's own and those in OUTWASH_NAMES (separated by commas) count.
 */
export function isOwnHost(header: string, wide = isWide(), names: string = process.env.OUTWASH_NAMES ?? ''): boolean {
  if (!URL.canParse(`http://${header}`)) return false;
  const { hostname, host, username, pathname } = new URL(`http://${header}`);
  if (username || pathname !== '/' || host === '') return false;
  const bare = hostname.replace(/^\[|\]$/g, '').toLowerCase();
  if (isLoopback(bare) || bare.endsWith('.localhost') || (wide && isIP(bare) !== 0)) return true;
  return names
    .split(',')
    .map((name) => name.trim().toLowerCase())
    .includes(bare);
}
