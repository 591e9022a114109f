-- What was asked of what is wrong with plants and creatures, and what came of it.
CREATE TABLE why_case (
  id TEXT PRIMARY KEY,
  garden_id TEXT NOT NULL REFERENCES garden (id) ON DELETE CASCADE,
  revision INTEGER NOT NULL DEFAULT 0,
  position INTEGER NOT NULL,
  of TEXT,
  symptom TEXT NOT NULL,
  planting_id TEXT,
  site_id TEXT,
  batch_id TEXT,
  seen_on TEXT NOT NULL,
  answers TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(answers)),
  cause TEXT,
  acted_on TEXT,
  ask_on TEXT,
  outcome TEXT,
  closed_on TEXT,
  note TEXT NOT NULL DEFAULT ''
) STRICT;
CREATE INDEX case_of_garden ON why_case (garden_id, position);
-- Ailments became causes of symptoms: those that a gardener wrote stand under “Something else”.
DELETE FROM own_row WHERE file = 'ailments.csv' AND cells = 'null';
UPDATE own_row SET
  file = 'causes.csv',
  key = 'other + own-' || lower(id),
  cells = json_object(
    'symptom', 'other', 'cause', 'own-' || lower(id),
    'name', coalesce(cells ->> 'symptom', '') || ': ' || coalesce(cells ->> 'cause', ''),
    'who', coalesce(cells ->> 'plant', ''), 'prior', '2', 'months', '', 'evidence', '', 'asks', '', 'well', 'n', 'action', '',
    'now', coalesce(cells ->> 'remedy', ''), 'next', '', 'creatures', '', 'expert', coalesce(cells ->> 'check', ''))
WHERE file = 'ailments.csv';
