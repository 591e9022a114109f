import { createStore, del, entries as all, set, type UseStore } from 'idb-keyval';

/** A photograph made ready to be sent: two sizes as data URLs, and what the camera knew of its day. */
export interface ReadyPhoto {
  id: string;
  full: string;
  small: string;
  /** Day and time it was taken, where the file says so. */
  on_day: string | null;
  at: string | null;
}

/** Longest side (px) and quality of the two sizes. */
const FULL = { side: 1280, quality: 0.78 };
const SMALL = { side: 240, quality: 0.7 };

function drawnTo(image: ImageBitmap, { side, quality }: typeof FULL): string {
  const scale = Math.min(1, side / Math.max(image.width, image.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(image.width * scale));
  canvas.height = Math.max(1, Math.round(image.height * scale));
  canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
  return canvas.toDataURL('image/jpeg', quality);
}

/** When a photograph was taken, from what the camera wrote into the file. */
async function takenAt(file: File): Promise<Pick<ReadyPhoto, 'on_day' | 'at'>> {
  const { parse } = await import('exifr');
  const tags = (await parse(file, { pick: ['DateTimeOriginal', 'CreateDate'], reviveValues: false }).catch(() => null)) as {
    DateTimeOriginal?: string;
    CreateDate?: string;
  } | null;
  const found = /^(\d{4}):(\d\d):(\d\d) (\d\d):(\d\d)/.exec(tags?.DateTimeOriginal ?? tags?.CreateDate ?? '');
  return found ? { on_day: `${found[1]}-${found[2]}-${found[3]}`, at: `${found[4]}:${found[5]}` } : { on_day: null, at: null };
}

/**
 * A photograph from a file or the camera, drawn again in two sizes: nothing that the camera wrote into it, such as where it
 * was taken, goes along. Throws an Error with a sentence where the browser cannot read it.
 */
export async function readyPhoto(file: File): Promise<ReadyPhoto> {
  const image = await createImageBitmap(file).catch(() => null);
  if (!image) throw new Error(`${file.name} is no picture that this browser can read.`);
  try {
    return { id: freshId(), full: drawnTo(image, FULL), small: drawnTo(image, SMALL), ...(await takenAt(file)) };
  } finally {
    image.close();
  }
}

let opened: UseStore | null = null;
const store = () => (opened ??= createStore('outwash-photos', 'waiting'));
type Waiting = Pick<ReadyPhoto, 'full' | 'small'>;

/** Sends photographs of a garden; those that cannot be sent now wait on this device. */
export async function sendPhotos(garden: string, photos: readonly ReadyPhoto[]) {
  for (const { id, full, small } of photos) {
    try {
      await callApi('PUT', `/api/gardens/${garden}/photos/${id}`, { full, small });
    } catch (error) {
      if (!isApiFault(error) || error.status !== 0) throw error;
      await set(`${garden} ${id}`, { full, small } satisfies Waiting, store());
    }
  }
}

/** Sends the photographs that wait, before the entries that speak of them. Throws the fault of the first that cannot be. */
export async function sendWaitingPhotos() {
  for (const [key, photo] of (await all(store())) as [string, Waiting][]) {
    const [garden, id] = key.split(' ');
    await callApi('PUT', `/api/gardens/${garden}/photos/${id}`, photo);
    await del(key, store());
  }
}
