-- What is raised, and how this gardener raises and plants.
CREATE TABLE batch (
  id TEXT PRIMARY KEY,
  garden_id TEXT NOT NULL REFERENCES garden (id) ON DELETE CASCADE,
  revision INTEGER NOT NULL DEFAULT 0,
  position INTEGER NOT NULL,
  plant TEXT NOT NULL,
  method TEXT NOT NULL,
  source TEXT NOT NULL DEFAULT '',
  planned_on TEXT NOT NULL,
  begun_on TEXT,
  units INTEGER NOT NULL,
  containers INTEGER NOT NULL DEFAULT 0,
  place TEXT NOT NULL DEFAULT '',
  wanted INTEGER NOT NULL DEFAULT 0,
  looks TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(looks)),
  ended INTEGER NOT NULL DEFAULT 0,
  note TEXT NOT NULL DEFAULT ''
) STRICT;
CREATE INDEX batch_of_garden ON batch (garden_id, position);
ALTER TABLE garden ADD COLUMN school_sowing TEXT NOT NULL DEFAULT 'winter-containers';
ALTER TABLE garden ADD COLUMN school_roots TEXT NOT NULL DEFAULT 'tease';
ALTER TABLE garden ADD COLUMN indoor_light TEXT NOT NULL DEFAULT 'sill';
