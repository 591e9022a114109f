import { appendResponseHeader, getRequestHeader, getResponseHeader, getResponseStatus, setResponseHeader } from 'h3';
import { defineNitroPlugin } from 'nitropack/runtime';
import { encode, encodingFor, isText } from '../http/encode';

/** What is sent as JSON: not files, nor streams. */
const PLAIN = [Object.prototype, Array.prototype];

/** Answers that are text go out as small as the client can read them. */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('beforeResponse', (event, response) => {
    const { body } = response;
    const isRecord = typeof body === 'object' && body !== null && PLAIN.includes(Object.getPrototypeOf(body));
    if (typeof body !== 'string' && !isRecord) return;
    if (event.method === 'HEAD' || getResponseStatus(event) === 304 || getResponseHeader(event, 'Content-Encoding')) return;
    const type = String(getResponseHeader(event, 'Content-Type') ?? (isRecord ? 'application/json' : 'text/html'));
    if (!isText(type)) return;
    appendResponseHeader(event, 'Vary', 'Accept-Encoding');
    const encoding = encodingFor(getRequestHeader(event, 'accept-encoding') ?? '');
    if (!encoding) return;
    const tag = getResponseHeader(event, 'ETag');
    const text = typeof body === 'string' ? body : JSON.stringify(body);
    const small = encode(text, encoding, tag === undefined ? null : String(tag));
    if (!small) return;
    if (isRecord) setResponseHeader(event, 'Content-Type', 'application/json');
    setResponseHeader(event, 'Content-Encoding', encoding);
    response.body = small;
  });
});
