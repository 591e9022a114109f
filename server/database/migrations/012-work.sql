-- What was said of the work, days as the gardener's own gauge showed them, and the garden's clock.
ALTER TABLE garden ADD COLUMN clock TEXT;

CREATE TABLE work (
  id TEXT PRIMARY KEY,
  garden_id TEXT NOT NULL REFERENCES garden (id) ON DELETE CASCADE,
  revision INTEGER NOT NULL DEFAULT 0,
  position INTEGER NOT NULL,
  what TEXT NOT NULL,
  task TEXT NOT NULL,
  on_day TEXT NOT NULL,
  until TEXT,
  title TEXT NOT NULL DEFAULT '',
  action TEXT,
  site_id TEXT,
  minutes REAL,
  every_days INTEGER,
  litres REAL,
  note TEXT NOT NULL DEFAULT ''
) STRICT;
CREATE INDEX work_of_garden ON work (garden_id, position);

CREATE TABLE own_day (
  id TEXT PRIMARY KEY,
  garden_id TEXT NOT NULL REFERENCES garden (id) ON DELETE CASCADE,
  revision INTEGER NOT NULL DEFAULT 0,
  position INTEGER NOT NULL,
  on_day TEXT NOT NULL,
  low_c REAL,
  high_c REAL,
  rain_mm REAL,
  UNIQUE (garden_id, on_day)
) STRICT;
CREATE INDEX own_day_of_garden ON own_day (garden_id, position);
