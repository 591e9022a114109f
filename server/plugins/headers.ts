import { randomBytes } from 'node:crypto';
// Brings the types of Nuxt's own hooks.
import type {} from '@nuxt/nitro-server';
import { getRequestHeader, setResponseHeader, setResponseHeaders } from 'h3';
import { defineNitroPlugin } from 'nitropack/runtime';
import { isSecure } from '../access/visitor';
import { isApart } from '../http/hosts';

/** What a page may load. Of scripts and styles within the page only those with the word that was made for this answer. */
const policy = (nonce = '') => {
  const within = nonce ? ` 'nonce-${nonce}'` : '';
  return [
    "default-src 'self'",
    // The solver of the planner is WebAssembly.
    `script-src 'self' 'wasm-unsafe-eval'${within}`,
    `style-src 'self'${within}`,
    "img-src 'self' data: blob:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
};

/** Headers of every answer, files too; the scripts of a page carry the word that lets them run. */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('request', (event) => {
    setResponseHeaders(event, {
      'X-Content-Type-Options': 'nosniff',
      'X-Frame-Options': 'DENY',
      'Referrer-Policy': 'same-origin',
      'Cross-Origin-Opener-Policy': 'same-origin',
      'Cross-Origin-Resource-Policy': 'same-origin',
      'Permissions-Policy': 'microphone=(), payment=(), usb=()',
      'Content-Security-Policy': policy(),
    });
    if (isSecure(event) && isApart(getRequestHeader(event, 'host') ?? ''))
      setResponseHeader(event, 'Strict-Transport-Security', 'max-age=31536000');
  });
  nitro.hooks.hook('render:html', (html, { event }) => {
    const nonce = randomBytes(16).toString('base64url');
    setResponseHeader(event, 'Content-Security-Policy', policy(nonce));
    setResponseHeader(event, 'Cache-Control', 'no-cache');
    const named = (parts: string[]) => parts.map((part) => part.replace(/<(script|style)\b/g, `<$1 nonce="${nonce}"`));
    for (const part of ['head', 'bodyPrepend', 'body', 'bodyAppend'] as const) html[part] = named(html[part]);
  });
  nitro.hooks.hook('render:response', (response) => {
    delete response.headers?.['x-powered-by'];
  });
});
