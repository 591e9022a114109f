import { Fault } from './faults';

/** Markers: start and end of the image, start of its scan; those that stand alone have no length. */
const SOI = 0xd8;
const EOI = 0xd9;
const SOS = 0xda;

/** Segments a picture is drawn from; APP0 says how (JFIF), APP14 how its colours are meant. APP1 to 13 and comments say the rest. */
const isKept = (marker: number): boolean =>
  marker < 0xe0 || marker === 0xe0 || marker === 0xee || (marker > 0xef && marker !== 0xfe);

/**
 * A JPEG without the segments in which cameras write where, when and with what it was taken (EXIF, XMP, IPTC, comments).
 * The picture itself is not touched. A 422 fault where it is none. Source: ITU-T T.81, annex B.
 */
export function bareJpeg(bytes: Buffer): Buffer {
  const refuse = () =>
    new Fault(422, 'That is not a JPEG that can be read.', { fields: { full: 'That is not a JPEG that can be read.' } });
  if (bytes.length < 4 || bytes[0] !== 0xff || bytes[1] !== SOI) throw refuse();
  const kept: Buffer[] = [bytes.subarray(0, 2)];
  let at = 2;
  while (at + 4 <= bytes.length) {
    if (bytes[at] !== 0xff) throw refuse();
    const marker = bytes[at + 1]!;
    // Fill bytes may stand before a marker.
    if (marker === 0xff) {
      at++;
      continue;
    }
    if (marker === EOI) break;
    const length = bytes.readUInt16BE(at + 2);
    if (length < 2 || at + 2 + length > bytes.length) throw refuse();
    // What follows the start of the scan is the picture, to its end; nothing is kept behind that.
    if (marker === SOS) {
      const end = bytes.lastIndexOf(Buffer.from([0xff, EOI]));
      if (end < at) throw refuse();
      kept.push(bytes.subarray(at, end + 2));
      return Buffer.concat(kept);
    }
    if (isKept(marker)) kept.push(bytes.subarray(at, at + 2 + length));
    at += 2 + length;
  }
  throw refuse();
}
