-- The source of a value that nobody measured is called stated, and one that follows from rain and soil calculated.
UPDATE site SET counts = replace(replace(counts, '"told"', '"stated"'), '"reckoned"', '"calculated"');
UPDATE journal SET changes = replace(replace(replace(replace(replace(replace(changes,
  '"sun":"told"', '"sun":"stated"'), '"texture":"told"', '"texture":"stated"'), '"drainage":"told"', '"drainage":"stated"'),
  '"ph":"told"', '"ph":"stated"'), '"moisture":"told"', '"moisture":"stated"'), '"moisture":"reckoned"', '"moisture":"calculated"');
