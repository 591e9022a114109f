-- The log: who was seen, what plants did and suffered, walks and releases. The dates recorded so far become entries of it.
CREATE TABLE entry (
  id TEXT PRIMARY KEY,
  garden_id TEXT NOT NULL REFERENCES garden (id) ON DELETE CASCADE,
  revision INTEGER NOT NULL DEFAULT 0,
  position INTEGER NOT NULL,
  what TEXT NOT NULL,
  of TEXT,
  called TEXT NOT NULL DEFAULT '',
  on_day TEXT NOT NULL,
  at TEXT,
  count INTEGER,
  plant TEXT,
  doing TEXT,
  size TEXT,
  site_id TEXT,
  place TEXT NOT NULL DEFAULT '',
  planting_id TEXT,
  walk_id TEXT,
  minutes REAL,
  amount REAL,
  cause TEXT,
  true_plant TEXT,
  temp_c REAL,
  sky TEXT,
  wind TEXT,
  counts_as TEXT,
  note TEXT NOT NULL DEFAULT '',
  photos TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(photos))
) STRICT;
CREATE INDEX entry_of_garden ON entry (garden_id, position);

INSERT INTO entry (id, garden_id, revision, position, what, of, on_day, counts_as, note)
  SELECT id, garden_id, revision, position,
         CASE what WHEN 'first-bloom' THEN 'first-flower' WHEN 'last-bloom' THEN 'last-flower' ELSE 'adult' END,
         of, on_day, CASE WHEN what LIKE 'first-%' THEN 'first' ELSE 'last' END, note
  FROM seen ORDER BY garden_id, position;
DROP TABLE seen;

-- What is remembered of those dates, so that recording one can still be undone.
CREATE TEMP TABLE remembered AS
  SELECT journal.id AS journal_id, list.key AS place, list.value AS change, side.name AS side,
         json_extract(list.value, '$.' || side.name) AS row
  FROM journal, json_each(journal.changes) AS list,
       (SELECT 'before' AS name UNION ALL SELECT 'after') AS side
  WHERE json_extract(list.value, '$.table') = 'seen';
UPDATE journal SET changes = (
  SELECT json_group_array(json(
    CASE WHEN json_extract(list.value, '$.table') <> 'seen' THEN list.value
    ELSE json_object(
      'table', 'entry',
      'id', json_extract(list.value, '$.id'),
      'position', json_extract(list.value, '$.position'),
      'before', json((SELECT CASE WHEN row IS NULL THEN 'null' ELSE json_object(
          'id', json_extract(row, '$.id'), 'revision', json_extract(row, '$.revision'),
          'what', CASE json_extract(row, '$.what') WHEN 'first-bloom' THEN 'first-flower' WHEN 'last-bloom' THEN 'last-flower' ELSE 'adult' END,
          'of', json_extract(row, '$.of'), 'on_day', json_extract(row, '$.on_day'),
          'counts_as', CASE WHEN json_extract(row, '$.what') LIKE 'first-%' THEN 'first' ELSE 'last' END,
          'note', json_extract(row, '$.note')) END
        FROM remembered WHERE journal_id = journal.id AND place = list.key AND side = 'before')),
      'after', json((SELECT CASE WHEN row IS NULL THEN 'null' ELSE json_object(
          'id', json_extract(row, '$.id'), 'revision', json_extract(row, '$.revision'),
          'what', CASE json_extract(row, '$.what') WHEN 'first-bloom' THEN 'first-flower' WHEN 'last-bloom' THEN 'last-flower' ELSE 'adult' END,
          'of', json_extract(row, '$.of'), 'on_day', json_extract(row, '$.on_day'),
          'counts_as', CASE WHEN json_extract(row, '$.what') LIKE 'first-%' THEN 'first' ELSE 'last' END,
          'note', json_extract(row, '$.note')) END
        FROM remembered WHERE journal_id = journal.id AND place = list.key AND side = 'after'))
    ) END))
  FROM json_each(journal.changes) AS list)
WHERE id IN (SELECT journal_id FROM remembered);
DROP TABLE remembered;

-- Photographs, in two sizes. One is never changed, so that an undone change still finds its own.
CREATE TABLE photo (
  garden_id TEXT NOT NULL REFERENCES garden (id) ON DELETE CASCADE,
  id TEXT NOT NULL,
  full BLOB NOT NULL,
  small BLOB NOT NULL,
  PRIMARY KEY (garden_id, id)
) STRICT;

-- When each entry last changed, in the order of the changes: whoever has the log up to one asks for what came after it.
CREATE TABLE log_change (
  at INTEGER PRIMARY KEY AUTOINCREMENT,
  garden_id TEXT NOT NULL,
  entry TEXT NOT NULL,
  UNIQUE (garden_id, entry) ON CONFLICT REPLACE
) STRICT;
CREATE INDEX log_change_of_garden ON log_change (garden_id, at);
INSERT INTO log_change (garden_id, entry) SELECT garden_id, id FROM entry ORDER BY garden_id, position;
CREATE TRIGGER entry_added AFTER INSERT ON entry BEGIN
  INSERT INTO log_change (garden_id, entry) VALUES (NEW.garden_id, NEW.id);
END;
CREATE TRIGGER entry_changed AFTER UPDATE ON entry BEGIN
  INSERT INTO log_change (garden_id, entry) VALUES (NEW.garden_id, NEW.id);
END;
CREATE TRIGGER entry_removed AFTER DELETE ON entry BEGIN
  INSERT INTO log_change (garden_id, entry) VALUES (OLD.garden_id, OLD.id);
END;
