import { defineEventHandler, getRequestHeader, setResponseHeaders, setResponseStatus } from 'h3';
import { isOwnHost } from '../http/hosts';

/**
 * Headers for every answer; nothing for a page of another origin that a browser has open, nor for a name that was only
 * made to point here.
 */
export default defineEventHandler((event) => {
  setResponseHeaders(event, {
    'X-Content-Type-Options': 'nosniff',
    'X-Frame-Options': 'DENY',
    'Referrer-Policy': 'same-origin',
    'Cross-Origin-Resource-Policy': 'same-origin',
    'Content-Security-Policy':
      "default-src 'self'; script-src 'self' 'unsafe-inline'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; frame-ancestors 'none'",
  });
  const refuse = (status: number, message: string) => {
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
  if (event.method === 'GET' || event.method === 'HEAD') return;
  const origin = getRequestHeader(event, 'origin');
  // A page without an origin of its own (a sandboxed frame, a local file) sends the word null.
  if (origin && (!URL.canParse(origin) || new URL(origin).host !== host))
    return refuse(403, 'Changes are only taken from Outwash’s own pages.');
});
