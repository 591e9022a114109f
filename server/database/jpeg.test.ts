import { describe, expect, it } from 'vitest';
import { bareJpeg } from './jpeg';

const segment = (marker: number, content: string) => {
  const body = Buffer.from(content, 'latin1');
  const head = Buffer.from([0xff, marker, 0, 0]);
  head.writeUInt16BE(body.length + 2, 2);
  return Buffer.concat([head, body]);
};
const START = Buffer.from([0xff, 0xd8]);
const JFIF = segment(0xe0, 'JFIF\0');
const EXIF = segment(0xe1, 'Exif\0\0GPS 41.7 N 70.4 W');
const IPTC = segment(0xed, 'Photoshop 3.0');
const COMMENT = segment(0xfe, 'taken by somebody');
const TABLE = segment(0xdb, 'a table');
const SCAN = Buffer.concat([segment(0xda, 'scan'), Buffer.from([1, 2, 0xff, 0, 3])]);
const END = Buffer.from([0xff, 0xd9]);

describe('a JPEG without what a camera wrote into it', () => {
  it('keeps the picture byte by byte and nothing of place, person or words', () => {
    const bare = bareJpeg(Buffer.concat([START, JFIF, EXIF, IPTC, COMMENT, TABLE, SCAN, END, Buffer.from('trailing GPS')]));
    expect(bare).toEqual(Buffer.concat([START, JFIF, TABLE, SCAN, END]));
  });
  it('one that has nothing of it stays as it is, fill bytes aside', () => {
    const plain = Buffer.concat([START, JFIF, TABLE, SCAN, END]);
    expect(bareJpeg(plain)).toEqual(plain);
    expect(bareJpeg(Buffer.concat([START, JFIF, Buffer.from([0xff]), TABLE, SCAN, END]))).toEqual(plain);
  });
  it.each([
    ['a text', Buffer.from('no picture at all')],
    ['nothing', Buffer.alloc(0)],
    ['one cut off in a segment', Buffer.concat([START, JFIF.subarray(0, 6)])],
    ['one without a picture in it', Buffer.concat([START, JFIF, END])],
    ['one whose scan never ends', Buffer.concat([START, JFIF, SCAN])],
    ['a segment of no length', Buffer.concat([START, Buffer.from([0xff, 0xe1, 0, 0]), SCAN, END])],
  ])('%s is refused', (_, bytes) => {
    expect(() => bareJpeg(bytes)).toThrow('That is not a JPEG that can be read.');
  });
});
