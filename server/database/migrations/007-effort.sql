-- A search for plans ends at a number of nodes instead of seconds: the same question has the same answer everywhere.
-- The choices there were: 5 and 20 seconds, a minute, five minutes. Wishes end with them, in plans and in the journal.
UPDATE plan SET wishes = replace(replace(replace(replace(wishes,
  '"seconds":5}', '"effort":"quick"}'), '"seconds":20}', '"effort":"usual"}'),
  '"seconds":60}', '"effort":"long"}'), '"seconds":300}', '"effort":"long"}');
UPDATE journal SET changes = replace(replace(replace(replace(changes,
  '"seconds":5}', '"effort":"quick"}'), '"seconds":20}', '"effort":"usual"}'),
  '"seconds":60}', '"effort":"long"}'), '"seconds":300}', '"effort":"long"}');
-- Any other number of seconds, set by other programs.
UPDATE plan SET wishes = json_set(json_remove(wishes, '$.seconds'), '$.effort', 'usual')
  WHERE json_extract(wishes, '$.seconds') IS NOT NULL;
