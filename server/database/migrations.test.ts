import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, expect, it } from 'vitest';
import { GardenFile } from '../../core/model/garden';
import { openDatabase } from './connection';
import { exportGarden, readGarden } from './gardens';
import { step } from './journal';

const MIGRATIONS = 'server/database/migrations';
const folder = mkdtempSync(join(tmpdir(), 'outwash-migrations-'));
afterEach(() => rmSync(folder, { recursive: true, force: true }));

it('a database from before the survey keeps its garden, and what was done then can still be undone', () => {
  for (const name of ['001-start.sql', '002-own-rows.sql']) copyFileSync(join(MIGRATIONS, name), join(folder, name));
  const file = join(folder, 'old.sqlite');
  const old = openDatabase(file, folder);
  old.exec(`
    INSERT INTO garden (id, name, region, lat, lon, elevation_m, half_zone, children, dogs, cats, grazing, school_plants, school_autumn, school_pots)
      VALUES ('yard', 'Yard', 'northeast-coast', 41.7, -70.4, 10, '7a', 0, 0, 0, 0, 'natives-first', 'leave', 'two-zones');
    INSERT INTO plan (id, garden_id, position, name, current) VALUES ('plan', 'yard', 1, 'Plan', 1);
    INSERT INTO site (id, garden_id, revision, position, name, kind, area_m2, sun_h, sun_when, texture, drainage, ph, moisture, salt, features)
      VALUES ('bed', 'yard', 1, 1, 'Bed', 'bed', 12, 6, 'all-day', 'loam', 'well', 6.5, 3, 'none', '[]');
  `);
  const row = (sun_h: number) => ({
    id: 'bed',
    revision: sun_h - 5,
    name: 'Bed',
    kind: 'bed',
    area_m2: 12,
    volume_l: null,
    sun_h,
    sun_when: 'all-day',
    texture: 'loam',
    drainage: 'well',
    ph: 6.5,
    moisture: 3,
    salt: 'none',
    features: [],
    notes: '',
  });
  old
    .prepare(`INSERT INTO journal (garden_id, label, changes) VALUES ('yard', 'Change Bed', ?)`)
    .run(JSON.stringify([{ table: 'site', id: 'bed', before: row(5), after: row(6) }]));
  old.close();

  const db = openDatabase(file, MIGRATIONS);
  expect(readGarden(db, 'yard').sites[0]).toMatchObject({ sun_h: 6, outline: [], pot: null, counts: {}, richness: 'medium' });
  expect(step(db, 'yard', 'undo')).toBe('Change Bed');
  expect(readGarden(db, 'yard').sites[0]).toMatchObject({ sun_h: 5, outline: [], runoff: 'none' });
  expect(GardenFile.safeParse(exportGarden(db, 'yard')).success).toBe(true);
  db.close();
});
