import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

const ENCODINGS = ['br', 'gzip'] as const;
export type Encoding = (typeof ENCODINGS)[number];

/** Answers shorter than this (bytes) gain nothing. */
const LEAST_BYTES = 1024;
/** Longer ones would hold the server up for seconds: a garden’s file with its photographs, which are small already. */
const MOST_BYTES = 16_000_000;
/** Encoded answers that name a version of themselves (an ETag) are remembered: so many. */
const MOST_KEPT = 8;
const kept = new Map<string, Buffer>();

/** The best encoding that a client takes, by its Accept-Encoding; null for none. */
export function encodingFor(accept: string): Encoding | null {
  const taken = new Map(
    accept
      .toLowerCase()
      .split(',')
      .map((part): [string, number] => {
        const [name = '', ...rest] = part.split(';').map((word) => word.trim());
        const weight = rest.find((word) => word.startsWith('q='));
        return [name, weight === undefined ? 1 : Number(weight.slice(2))];
      }),
  );
  return ENCODINGS.find((name) => (taken.get(name) ?? taken.get('*') ?? 0) > 0) ?? null;
}

/** Is it text, so that encoding makes it smaller? */
export const isText = (type: string): boolean => /^text\/|[/+](json|xml)\b|javascript/.test(type);

/** Text in an encoding; `version` names what it is a version of, where it will be asked for again. Null where it is too short or too long. */
export function encode(text: string, encoding: Encoding, version: string | null): Buffer | null {
  const bytes = Buffer.byteLength(text);
  if (bytes < LEAST_BYTES || bytes > MOST_BYTES) return null;
  const key = `${encoding} ${version}`;
  const known = version === null ? undefined : kept.get(key);
  if (known) return known;
  const quality = version === null ? 4 : 9;
  const found =
    encoding === 'br'
      ? brotliCompressSync(text, { params: { [constants.BROTLI_PARAM_QUALITY]: quality } })
      : gzipSync(text, { level: version === null ? 6 : 9 });
  if (version !== null) {
    if (kept.size >= MOST_KEPT) kept.delete(kept.keys().next().value!);
    kept.set(key, found);
  }
  return found;
}
