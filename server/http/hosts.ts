import { isIP } from 'node:net';
import { isLoopback, isWide } from '../access/listening';

/** Of a Host header the name or address, without its port; null where it is none. */
function nameIn(header: string): string | null {
  if (!URL.canParse(`http://${header}`)) return null;
  const { hostname, host, username, pathname } = new URL(`http://${header}`);
  return username || pathname !== '/' || host === '' ? null : hostname.replace(/^\[|\]$/g, '').toLowerCase();
}
const isThisMachine = (name: string) => isLoopback(name) || name.endsWith('.localhost');

/**
 * May a browser be asked to use nothing but https here from now on? Not by the names of the machine itself: it would mean
 * every other server there.
 */
export function isApart(header: string): boolean {
  const name = nameIn(header);
  return name !== null && !isThisMachine(name);
}

/**
 * Does a Host header name this server? An address in digits cannot be made to point elsewhere by whoever holds a name: any
 * counts where the server listens wider than its own machine (`wide`), and this machine's own where it does not. Of names
 * only this machine's own and those in OUTWASH_NAMES (separated by commas) count.
 */
export function isOwnHost(header: string, wide = isWide(), names: string = process.env.OUTWASH_NAMES ?? ''): boolean {
  const name = nameIn(header);
  if (name === null) return false;
  if (isThisMachine(name) || (wide && isIP(name) !== 0)) return true;
  return names
    .split(',')
    .map((own) => own.trim().toLowerCase())
    .includes(name);
}
