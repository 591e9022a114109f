-- The reference library as loaded from its CSV files; one row of a file is one JSON object.
CREATE TABLE library_version (
  only_row INTEGER PRIMARY KEY CHECK (only_row = 1),
  digest TEXT NOT NULL
) STRICT;

CREATE TABLE library_row (
  file TEXT NOT NULL,
  position INTEGER NOT NULL,
  row TEXT NOT NULL CHECK (json_valid(row)),
  PRIMARY KEY (file, position)
) STRICT, WITHOUT ROWID;

CREATE TABLE garden (
  id TEXT PRIMARY KEY,
  revision INTEGER NOT NULL DEFAULT 0,
  name TEXT NOT NULL,
  region TEXT NOT NULL,
  jurisdiction TEXT,
  lat REAL NOT NULL,
  lon REAL NOT NULL,
  elevation_m REAL NOT NULL,
  half_zone TEXT NOT NULL,
  last_frost TEXT,
  first_frost TEXT,
  children INTEGER NOT NULL CHECK (children IN (0, 1)),
  dogs INTEGER NOT NULL CHECK (dogs IN (0, 1)),
  cats INTEGER NOT NULL CHECK (cats IN (0, 1)),
  grazing INTEGER NOT NULL CHECK (grazing IN (0, 1)),
  school_plants TEXT NOT NULL,
  school_autumn TEXT NOT NULL,
  school_pots TEXT NOT NULL,
  notes TEXT NOT NULL DEFAULT '',
  created_at TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
  -- Set when the gardener removes it; the garden can be brought back.
  removed_at TEXT
) STRICT;

CREATE TABLE site (
  id TEXT PRIMARY KEY,
  garden_id TEXT NOT NULL REFERENCES garden (id) ON DELETE CASCADE,
  revision INTEGER NOT NULL DEFAULT 0,
  position INTEGER NOT NULL,
  name TEXT NOT NULL,
  kind TEXT NOT NULL CHECK (kind IN ('bed', 'container')),
  area_m2 REAL NOT NULL CHECK (area_m2 > 0),
  volume_l REAL,
  sun_h REAL NOT NULL,
  sun_when TEXT NOT NULL,
  texture TEXT NOT NULL,
  drainage TEXT NOT NULL,
  ph REAL NOT NULL,
  moisture INTEGER NOT NULL,
  salt TEXT NOT NULL,
  features TEXT NOT NULL CHECK (json_valid(features)),
  notes TEXT NOT NULL DEFAULT ''
) STRICT;
CREATE INDEX site_of_garden ON site (garden_id, position);

CREATE TABLE garden_target (
  id TEXT PRIMARY KEY,
  garden_id TEXT NOT NULL REFERENCES garden (id) ON DELETE CASCADE,
  revision INTEGER NOT NULL DEFAULT 0,
  position INTEGER NOT NULL,
  target TEXT NOT NULL,
  ambition TEXT NOT NULL CHECK (ambition IN ('visits', 'breeds', 'thrives')),
  priority INTEGER NOT NULL,
  UNIQUE (garden_id, target)
) STRICT;

CREATE TABLE plan (
  id TEXT PRIMARY KEY,
  garden_id TEXT NOT NULL REFERENCES garden (id) ON DELETE CASCADE,
  revision INTEGER NOT NULL DEFAULT 0,
  position INTEGER NOT NULL,
  name TEXT NOT NULL,
  current INTEGER NOT NULL CHECK (current IN (0, 1))
) STRICT;
CREATE UNIQUE INDEX current_plan ON plan (garden_id) WHERE current = 1;

CREATE TABLE planting (
  id TEXT PRIMARY KEY,
  garden_id TEXT NOT NULL REFERENCES garden (id) ON DELETE CASCADE,
  plan_id TEXT NOT NULL REFERENCES plan (id) ON DELETE CASCADE,
  site_id TEXT NOT NULL REFERENCES site (id) ON DELETE CASCADE,
  revision INTEGER NOT NULL DEFAULT 0,
  position INTEGER NOT NULL,
  plant TEXT NOT NULL,
  count INTEGER NOT NULL CHECK (count > 0),
  state TEXT NOT NULL,
  planted_year INTEGER,
  source TEXT NOT NULL DEFAULT '',
  cost_minor INTEGER,
  notes TEXT NOT NULL DEFAULT ''
) STRICT;
CREATE INDEX planting_of_garden ON planting (garden_id, plan_id, position);

-- Every change to a garden with the rows before and after it, so that it can be undone and done again.
CREATE TABLE journal (
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  garden_id TEXT NOT NULL REFERENCES garden (id) ON DELETE CASCADE,
  label TEXT NOT NULL,
  changes TEXT NOT NULL CHECK (json_valid(changes)),
  undone INTEGER NOT NULL DEFAULT 0 CHECK (undone IN (0, 1)),
  at TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now'))
) STRICT;
CREATE INDEX journal_of_garden ON journal (garden_id, undone, id);
