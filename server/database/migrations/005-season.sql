-- When a planting was lost, how it is timed, and the first and last days of bloom and flight that were seen.
ALTER TABLE planting ADD COLUMN lost_year INTEGER;
ALTER TABLE planting ADD COLUMN sow_on TEXT;
ALTER TABLE planting ADD COLUMN cut TEXT NOT NULL DEFAULT 'null' CHECK (json_valid(cut));

CREATE TABLE seen (
  id TEXT PRIMARY KEY,
  garden_id TEXT NOT NULL REFERENCES garden (id) ON DELETE CASCADE,
  revision INTEGER NOT NULL DEFAULT 0,
  position INTEGER NOT NULL,
  of TEXT NOT NULL,
  what TEXT NOT NULL,
  on_day TEXT NOT NULL,
  note TEXT NOT NULL DEFAULT ''
) STRICT;
CREATE INDEX seen_of_garden ON seen (garden_id, position);
