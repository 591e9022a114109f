import { defineEventHandler, getRequestHeader, setResponseHeaders, setResponseStatus } from 'h3';

/** Headers for every answer, and no changes by pages of another origin that a browser has open. */
export default defineEventHandler((event) => {
  setResponseHeaders(event, {
    'X-Content-Type-Options': 'nosniff',
    'X-Frame-Options': 'DENY',
    'Referrer-Policy': 'same-origin',
    'Content-Security-Policy':
      "default-src 'self'; script-src 'self' 'unsafe-inline'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; frame-ancestors 'none'",
  });
  if (event.method === 'GET' || event.method === 'HEAD') return;
  const origin = getRequestHeader(event, 'origin');
  const host = getRequestHeader(event, 'host');
  // A page without an origin of its own (a sandboxed frame, a local file) sends the word null.
  if (origin && (!URL.canParse(origin) || new URL(origin).host !== host)) {
    setResponseStatus(event, 403);
    return { message: 'Changes are only taken from Outwash’s own pages.' };
  }
});
