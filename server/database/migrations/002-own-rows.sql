-- What a gardener corrects in the library, adds to it or strikes out of it, kept apart from the library itself.
CREATE TABLE own_row (
  id TEXT PRIMARY KEY,
  garden_id TEXT NOT NULL REFERENCES garden (id) ON DELETE CASCADE,
  revision INTEGER NOT NULL DEFAULT 0,
  position INTEGER NOT NULL,
  file TEXT NOT NULL,
  key TEXT NOT NULL,
  -- The row's cells by column; the JSON value null strikes the shipped row out.
  cells TEXT NOT NULL CHECK (json_valid(cells)),
  UNIQUE (garden_id, file, key)
) STRICT;
