-- What is remembered of the installation itself.
CREATE TABLE installation (
  key TEXT PRIMARY KEY,
  value TEXT NOT NULL
) STRICT, WITHOUT ROWID;
-- A database that holds the library has been through its first start: it is not given the demo gardens again.
INSERT INTO installation (key, value) SELECT 'demo-gardens', 'given' FROM library_version;

-- When each row of a garden last changed, in the order of the changes: whoever has the garden as of one asks for what
-- came after it.
CREATE TABLE row_change (
  at INTEGER PRIMARY KEY AUTOINCREMENT,
  garden_id TEXT NOT NULL,
  of TEXT NOT NULL,
  row TEXT NOT NULL,
  UNIQUE (garden_id, of, row) ON CONFLICT REPLACE
) STRICT;
CREATE INDEX row_change_of_garden ON row_change (garden_id, at);

-- The journal is bounded: how large each change is, and the garden as it stood where older changes were folded together.
ALTER TABLE journal ADD COLUMN bytes INTEGER NOT NULL DEFAULT 0;
UPDATE journal SET bytes = length(changes);
CREATE INDEX journal_size ON journal (garden_id, id, bytes);
CREATE TABLE snapshot (
  garden_id TEXT NOT NULL REFERENCES garden (id) ON DELETE CASCADE,
  at TEXT NOT NULL,
  -- Its records as JSON, made smaller by gzip.
  records BLOB NOT NULL,
  PRIMARY KEY (garden_id, at)
) STRICT;

-- Names hold one line: plain_line() is ours (server/database/connection.ts).
UPDATE garden SET name = coalesce(nullif(plain_line(name), ''), 'Garden') WHERE name <> plain_line(name);
UPDATE site SET name = coalesce(nullif(plain_line(name), ''), 'Bed') WHERE name <> plain_line(name);
UPDATE thing SET name = coalesce(nullif(plain_line(name), ''), 'Thing') WHERE name <> plain_line(name);
UPDATE plan SET name = coalesce(nullif(plain_line(name), ''), 'Plan') WHERE name <> plain_line(name);
UPDATE planting SET source = plain_line(source) WHERE source <> plain_line(source);
UPDATE entry SET called = plain_line(called), place = plain_line(place) WHERE called || place <> plain_line(called) || plain_line(place);
UPDATE work SET title = plain_line(title) WHERE title <> plain_line(title);
UPDATE batch SET source = plain_line(source), place = plain_line(place) WHERE source || place <> plain_line(source) || plain_line(place);

-- Nothing asks for the plantings of one plan in their order any more, and every planting added had to be put in there.
DROP INDEX IF EXISTS planting_of_garden;

-- In which order the pictures under a drawing were saved: only the newest are held.
ALTER TABLE picture ADD COLUMN saved INTEGER NOT NULL DEFAULT 0;
