import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { redrawn, withPicturesRedrawn } from './redrawn';

/** A picture of two halves, red above green, 40 × 20 dots. */
const halves = () =>
  sharp({ create: { width: 40, height: 20, channels: 3, background: '#00ff00' } }).composite([
    { input: { create: { width: 40, height: 10, channels: 3, background: '#ff0000' } }, top: 0, left: 0 },
  ]);
const url = (format: string, bytes: Buffer) => `data:image/${format};base64,${bytes.toString('base64')}`;
const bytesOf = (data: string) => Buffer.from(data.slice(data.indexOf(',') + 1), 'base64');
const dotAt = async (data: string, x: number, y: number) => {
  const { data: dots, info } = await sharp(bytesOf(data)).raw().toBuffer({ resolveWithObject: true });
  return [...dots.subarray((y * info.width + x) * info.channels, (y * info.width + x) * info.channels + 3)];
};

describe('a picture that was sent', () => {
  it.each(['png', 'jpeg', 'webp'] as const)('a %s is drawn again and looks the same', async (format) => {
    const drawn = await redrawn(url(format, await halves().toFormat(format).toBuffer()), 'data');
    expect(drawn.startsWith(`data:image/${format};base64,`)).toBe(true);
    expect((await sharp(bytesOf(drawn)).metadata()).format).toBe(format);
    const [red, green] = [await dotAt(drawn, 20, 2), await dotAt(drawn, 20, 17)];
    expect(red[0]).toBeGreaterThan(230);
    expect(red[1]).toBeLessThan(40);
    expect(green[1]).toBeGreaterThan(230);
  });
  it('holds nothing of where and by whom it was taken, nor what was put behind it', async () => {
    const secret = '41.7 N 70.4 W by somebody';
    const taken = await halves()
      .jpeg()
      .withExif({ IFD0: { Artist: secret } })
      .toBuffer();
    expect(taken.includes(secret)).toBe(true);
    const drawn = bytesOf(await redrawn(url('jpeg', Buffer.concat([taken, Buffer.from('<script>behind it')])), 'full'));
    expect(drawn.includes(secret)).toBe(false);
    expect(drawn.includes('script')).toBe(false);
    expect((await sharp(drawn).metadata()).exif).toBeUndefined();
  });
  it('taken sideways stands upright', async () => {
    const sideways = await halves().jpeg().withMetadata({ orientation: 6 }).toBuffer();
    const { width, height } = await sharp(bytesOf(await redrawn(url('jpeg', sideways), 'full'))).metadata();
    expect([width, height]).toEqual([20, 40]);
  });
  it.each([
    ['no picture', Buffer.from('no picture at all')],
    ['nothing', Buffer.alloc(0)],
    ['a script that says it is one', Buffer.from([0xff, 0xd8, 0xff, 0xe0, ...Buffer.from('<script>')])],
  ])('%s is refused', async (_, bytes) => {
    await expect(redrawn(url('jpeg', bytes), 'full')).rejects.toMatchObject({
      status: 422,
      detail: { fields: { full: 'That is no JPEG that can be read.' } },
    });
  });
  it('one that is cut off, or of another kind than it says, is refused', async () => {
    const whole = await sharp({ create: { width: 300, height: 300, channels: 3, noise: { type: 'gaussian', mean: 99, sigma: 50 }, background: '#000' } }).jpeg().toBuffer(); // prettier-ignore
    await expect(redrawn(url('jpeg', whole.subarray(0, whole.length / 2)), 'full')).rejects.toThrow('no JPEG that can be read');
    await expect(redrawn(url('png', whole), 'data')).rejects.toThrow('no PNG that can be read');
  });
  it('a few bytes that claim to be larger than the memory are refused undecoded', async () => {
    const vast = await sharp({ create: { width: 9000, height: 9000, channels: 3, background: '#fff' } })
      .png()
      .toBuffer();
    expect(vast.length).toBeLessThan(400_000);
    await expect(redrawn(url('png', vast), 'data')).rejects.toThrow('That picture is too large');
  });
  it('with a garden’s file is refused with its place there', async () => {
    const file = { pictures: [{ id: 'a', data: url('png', Buffer.from('no')) }], photos: [] } as never;
    await expect(withPicturesRedrawn(file)).rejects.toMatchObject({
      detail: { fields: { 'pictures.0.data': 'That is no PNG that can be read.' } },
    });
  });
});
