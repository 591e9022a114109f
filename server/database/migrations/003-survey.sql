-- The surveyed place: the yard, what stands in it, and what was measured on each bed.
ALTER TABLE garden ADD COLUMN frost_spread_d REAL;
ALTER TABLE garden ADD COLUMN summer TEXT;
ALTER TABLE garden ADD COLUMN humidity TEXT;
ALTER TABLE garden ADD COLUMN rain_mm TEXT NOT NULL DEFAULT 'null' CHECK (json_valid(rain_mm));
ALTER TABLE garden ADD COLUMN passers_by INTEGER NOT NULL DEFAULT 0 CHECK (passers_by IN (0, 1));
ALTER TABLE garden ADD COLUMN deer TEXT NOT NULL DEFAULT 'none' CHECK (deer IN ('none', 'some', 'many'));
ALTER TABLE garden ADD COLUMN yard TEXT NOT NULL DEFAULT 'null' CHECK (json_valid(yard));

ALTER TABLE site ADD COLUMN richness TEXT NOT NULL DEFAULT 'medium';
ALTER TABLE site ADD COLUMN runoff TEXT NOT NULL DEFAULT 'none';
ALTER TABLE site ADD COLUMN outline TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(outline));
ALTER TABLE site ADD COLUMN height_m REAL NOT NULL DEFAULT 0;
ALTER TABLE site ADD COLUMN pot TEXT NOT NULL DEFAULT 'null' CHECK (json_valid(pot));
ALTER TABLE site ADD COLUMN counts TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(counts));

-- A plant that grew here before the garden was planned, and is kept.
ALTER TABLE planting ADD COLUMN stays INTEGER NOT NULL DEFAULT 0 CHECK (stays IN (0, 1));

CREATE TABLE thing (
  id TEXT PRIMARY KEY,
  garden_id TEXT NOT NULL REFERENCES garden (id) ON DELETE CASCADE,
  revision INTEGER NOT NULL DEFAULT 0,
  position INTEGER NOT NULL,
  kind TEXT NOT NULL,
  name TEXT NOT NULL,
  points TEXT NOT NULL CHECK (json_valid(points)),
  -- What of its kind a calculation needs: heights, leaves, hose …
  traits TEXT NOT NULL CHECK (json_valid(traits))
) STRICT;
CREATE INDEX thing_of_garden ON thing (garden_id, position);

CREATE TABLE measure (
  id TEXT PRIMARY KEY,
  garden_id TEXT NOT NULL REFERENCES garden (id) ON DELETE CASCADE,
  site_id TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
  revision INTEGER NOT NULL DEFAULT 0,
  position INTEGER NOT NULL,
  kind TEXT NOT NULL,
  taken_on TEXT NOT NULL,
  reading TEXT NOT NULL CHECK (json_valid(reading)),
  note TEXT NOT NULL DEFAULT ''
) STRICT;
CREATE INDEX measure_of_garden ON measure (garden_id, site_id, position);

-- Pictures under the drawing. A picture is never changed, so that an undone change still finds its own.
CREATE TABLE picture (
  garden_id TEXT NOT NULL REFERENCES garden (id) ON DELETE CASCADE,
  id TEXT NOT NULL,
  data TEXT NOT NULL,
  PRIMARY KEY (garden_id, id)
) STRICT, WITHOUT ROWID;
