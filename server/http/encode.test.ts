import { brotliDecompressSync, gunzipSync } from 'node:zlib';
import { describe, expect, it } from 'vitest';
import { encode, encodingFor, isText } from './encode';

describe('the encoding of an answer', () => {
  it.each([
    ['gzip, deflate, br', 'br'],
    ['gzip, deflate', 'gzip'],
    ['GZIP;q=0.5, BR;q=0', 'gzip'],
    ['br;q=0, *', 'gzip'],
    ['*', 'br'],
    ['*;q=0', null],
    ['identity', null],
    ['deflate', null],
    ['', null],
    ['br;q=nonsense, gzip', 'gzip'],
  ])('of what a client takes (%s) the best: %s', (accept, expected) => {
    expect(encodingFor(accept)).toBe(expected);
  });
  it('text is encoded, pictures and archives are not', () => {
    for (const type of ['text/html', 'application/json; charset=utf-8', 'application/geo+json', 'image/svg+xml', 'text/calendar'])
      expect(isText(type), type).toBe(true);
    for (const type of ['image/png', 'application/pdf', 'application/octet-stream', 'application/zip'])
      expect(isText(type), type).toBe(false);
  });
  it('comes back as it was, smaller', () => {
    const text = 'Swamp milkweed, Schwalbenwurz, 沼泽乳草. '.repeat(200);
    const br = encode(text, 'br', null)!;
    const gzip = encode(text, 'gzip', '"a version"')!;
    expect(brotliDecompressSync(br).toString()).toBe(text);
    expect(gunzipSync(gzip).toString()).toBe(text);
    expect(Math.max(br.length, gzip.length)).toBeLessThan(text.length / 10);
  });
  it('a short one stays as it is: 1024 bytes are the least', () => {
    expect(encode('x'.repeat(1023), 'br', null)).toBeNull();
    expect(encode('x'.repeat(16_000_001), 'gzip', null)).toBeNull();
    expect(encode('x'.repeat(1024), 'br', null)).not.toBeNull();
    // Bytes, not letters: 512 of two bytes each.
    expect(encode('é'.repeat(512), 'br', null)).not.toBeNull();
  });
  it('what names its version is encoded once, each version and encoding by itself', () => {
    const one = encode('a'.repeat(2000), 'br', '"1"');
    expect(encode('a'.repeat(2000), 'br', '"1"')).toBe(one);
    expect(gunzipSync(encode('a'.repeat(2000), 'gzip', '"1"')!).toString()).toBe('a'.repeat(2000));
    expect(brotliDecompressSync(encode('b'.repeat(2000), 'br', '"2"')!).toString()).toBe('b'.repeat(2000));
    // Of many versions only the last are kept.
    for (let n = 3; n < 20; n++) encode('c'.repeat(2000), 'br', `"${n}"`);
    expect(encode('a'.repeat(2000), 'br', '"1"')).not.toBe(one);
  });
});
