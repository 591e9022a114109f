-- Where plants stand in their beds, which size of a species was planted, and how a bed is to be arranged.
ALTER TABLE planting ADD COLUMN selection TEXT NOT NULL DEFAULT 'species';
ALTER TABLE planting ADD COLUMN spots TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(spots));
ALTER TABLE site ADD COLUMN layout TEXT CHECK (layout IS NULL OR json_valid(layout));
ALTER TABLE garden ADD COLUMN school_layout TEXT NOT NULL DEFAULT 'drifts';
