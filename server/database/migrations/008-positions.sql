-- The end of a garden's list of plantings is looked up for each that is added: without it a plan of thousands is slow.
CREATE INDEX planting_positions ON planting (garden_id, position);
