import sharp, { type Sharp } from 'sharp';
import type { GardenFile } from '../../core/model/garden';
import type { PhotoFields } from '../../core/model/log';
import { Picture } from '../../core/model/yard';
import { Fault } from '../database/faults';

// One picture at a time, and nothing of it held afterwards: what this takes stays within bounds.
sharp.concurrency(1);
sharp.cache(false);

/** The most dots of a picture that is decoded: a few bytes may claim to be a picture larger than the memory. */
const MOST_DOTS = 24_000_000;
const QUALITY = 82;

type Format = 'png' | 'jpeg' | 'webp';
const WRITTEN: Record<Format, (image: Sharp) => Sharp> = {
  png: (image) => image.png({ compressionLevel: 9 }),
  jpeg: (image) => image.jpeg({ quality: QUALITY }),
  webp: (image) => image.webp({ quality: QUALITY }),
};
const DATA_URL = /^data:image\/(png|jpeg|webp);base64,/;

/**
 * A picture (a data URL) decoded and written again as a picture of the same kind, upright: of what was sent only the dots
 * are left, nothing that was hidden beside them and nothing that a camera wrote into it. A 422 fault beside `field` where
 * it is no picture of the kind it says, or larger than may be.
 */
export async function redrawn(data: string, field: string): Promise<string> {
  const [head, format] = DATA_URL.exec(data) as unknown as [string, Format];
  const refuse = (message: string) => new Fault(422, message, { fields: { [field]: message } });
  const bytes = Buffer.from(data.slice(head.length), 'base64');
  try {
    const image = sharp(bytes, { limitInputPixels: MOST_DOTS, failOn: 'error', pages: 1 });
    if ((await image.metadata()).format !== format) throw refuse(`That is no ${format.toUpperCase()} that can be read.`);
    const drawn = await WRITTEN[format](image.rotate()).toBuffer();
    return head + drawn.toString('base64');
  } catch (error) {
    if (error instanceof Fault) throw error;
    throw refuse(
      /pixel limit/.test((error as Error).message)
        ? 'That picture is too large: make it smaller first.'
        : `That is no ${format.toUpperCase()} that can be read.`,
    );
  }
}

/** A photograph in its two sizes, drawn again. */
export const redrawnPhoto = async ({ full, small }: PhotoFields): Promise<PhotoFields> => ({
  full: await redrawn(full, 'full'),
  small: await redrawn(small, 'small'),
});

/** A picture that lies under a drawing, drawn again; a 422 fault where it is larger then than one may be. */
export async function redrawnUnderlay(data: string, field: string): Promise<string> {
  const drawn = await redrawn(data, field);
  const checked = Picture.shape.data.safeParse(drawn);
  if (checked.success) return drawn;
  const { message } = checked.error.issues[0]!;
  throw new Fault(422, message, { fields: { [field]: message } });
}

/** A garden’s file with its pictures and photographs drawn again. */
export async function withPicturesRedrawn(file: GardenFile): Promise<GardenFile> {
  const pictures: GardenFile['pictures'] = [];
  for (const [i, { id, data }] of file.pictures.entries())
    pictures.push({ id, data: await redrawnUnderlay(data, `pictures.${i}.data`) });
  const photos: GardenFile['photos'] = [];
  for (const { id, ...sizes } of file.photos) photos.push({ id, ...(await redrawnPhoto(sizes)) });
  return { ...file, pictures, photos };
}
