import { defineEventHandler, getRequestHeader, setResponseHeader, setResponseStatus } from 'h3';
import type { Role } from '../../core/model/installation';
import { standingOf } from '../access/visitor';
import { databaseFault } from '../database/faults';
import { useStore } from '../database/open';
import { isOwnHost } from '../http/hosts';

/** What can be asked without having signed in: whether one has to, and to do so. */
const OPEN = /^\/api\/(health|access(\/sign-(in|out))?)$/;
/** What a proxy adds to what it passes on. */
const PASSED_ON = ['forwarded', 'x-forwarded-for', 'x-real-ip', 'via'];
/** What holds more than the gardens there are. */
const KEEPERS = /^\/api\/(backups|removed)(\/|$)/;
/** A file: what has an ending, or lies where the built files do. It would have been answered before. */
const FILE = /^\/_nuxt\/|\.[a-z0-9]{2,12}$/i;

/**
 * Nothing for a page of another origin that a browser has open, nor for a name that was only made to point here; nothing
 * of the gardens for whoever has not signed in, where that is wanted. What is refused is answered with a sentence.
 */
export default defineEventHandler((event) => {
  const refuse = (status: number, message: string) => {
    setResponseHeader(event, 'Cache-Control', 'no-store');
    setResponseStatus(event, status);
    return { message };
  };
  try {
    decodeURIComponent(event.path);
  } catch {
    return refuse(400, 'That address is not written correctly: a percent sign wants two digits after it.');
  }
  const host = getRequestHeader(event, 'host') ?? '';
  if (!isOwnHost(host))
    return refuse(421, `Outwash does not answer by the name ${host}. Its own names are set with OUTWASH_NAMES.`);
  const [path = ''] = event.path.split('?');
  const isChange = event.method !== 'GET' && event.method !== 'HEAD';
  if (isChange && isElsewhere(getRequestHeader(event, 'origin'), getRequestHeader(event, 'sec-fetch-site'), host))
    return refuse(403, 'Changes are only taken from Outwash’s own pages.');
  if (path === '/api') return refuse(404, 'There is nothing at this address.');
  if (!path.startsWith('/api/')) return FILE.test(path) ? refuse(404, 'There is no such file.') : undefined;
  if (OPEN.test(path)) return;
  let role: Role | null;
  let closed: boolean;
  try {
    ({ closed, role } = standingOf(useStore().db, event));
  } catch (error) {
    const fault = databaseFault(error);
    if (!fault) throw error;
    return refuse(fault.status, fault.message);
  }
  // A proxy on this machine may ask by its name for anybody.
  if (!closed && !import.meta.dev && PASSED_ON.some((header) => getRequestHeader(event, header) !== undefined))
    return refuse(403, 'This came by way of a proxy, and no passphrase is set: set one at the machine itself first.');
  if (role === null) return refuse(401, 'Sign in first: this Outwash has a passphrase.');
  if (role === 'read' && isChange) return refuse(403, 'You signed in to look: that passphrase changes nothing.');
  if (role === 'read' && KEEPERS.test(path)) return refuse(403, 'You signed in to look: this is for whoever may change things.');
});

/** Does a request come from a page of another origin? One without an origin of its own (a sandboxed frame) sends the word null. */
function isElsewhere(origin: string | undefined, site: string | undefined, host: string): boolean {
  if (site !== undefined && site !== 'same-origin' && site !== 'none') return true;
  return origin !== undefined && (!URL.canParse(origin) || new URL(origin).host !== host);
}
