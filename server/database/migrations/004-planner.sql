-- A planting that proposals leave alone, what a plan was asked for, and what things cost the gardener.
ALTER TABLE planting ADD COLUMN locked INTEGER NOT NULL DEFAULT 0 CHECK (locked IN (0, 1));
ALTER TABLE plan ADD COLUMN wishes TEXT NOT NULL DEFAULT 'null' CHECK (json_valid(wishes));
ALTER TABLE garden ADD COLUMN money TEXT NOT NULL DEFAULT 'null' CHECK (json_valid(money));
