import { expect, it } from 'vitest';
import { GardenFile } from '../../../core/model/garden';
import { pondGarden } from '../testing/presses';
import { exportGarden } from './garden-file';
import { updateGarden } from './gardens';
import { findPicture, savePicture } from './pictures';
import { readGarden } from './reading';

const png = (n: number) => `data:image/png;base64,${Buffer.from(String(n)).toString('base64')}`;

it('the pictures tried under a drawing are held up to a number, the one in use always', () => {
  const { db, id } = pondGarden();
  const first = savePicture(db, id, png(0));
  const { id: _, revision, ...fields } = readGarden(db, id).garden;
  const underlay = { picture: first, x: 0, y: 0, width_m: 20, opacity: 0.5 };
  updateGarden(db, id, revision, { ...fields, yard: { ...fields.yard!, underlay } });
  const later = Array.from({ length: 30 }, (_, n) => savePicture(db, id, png(n + 1)));
  expect(findPicture(db, id, first)).toBe(png(0));
  expect(later.filter((picture) => findPicture(db, id, picture) !== null)).toEqual(later.slice(-20));
  expect(savePicture(db, id, png(30))).toBe(later[29]);
});
it('a garden whose picture is gone still goes out as its file, without it', () => {
  const { db, id } = pondGarden();
  const picture = savePicture(db, id, png(0));
  const { id: _, revision, ...fields } = readGarden(db, id).garden;
  const underlay = { picture, x: 0, y: 0, width_m: 20, opacity: 0.5 };
  updateGarden(db, id, revision, { ...fields, yard: { ...fields.yard!, underlay } });
  db.prepare('DELETE FROM picture').run();
  const file = exportGarden(db, id);
  expect(file.pictures).toEqual([]);
  expect(GardenFile.safeParse(file).success).toBe(true);
});
