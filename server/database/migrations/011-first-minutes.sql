-- A balcony has pots and no ground; tags and the archive keep many gardens apart.
ALTER TABLE garden ADD COLUMN balcony INTEGER NOT NULL DEFAULT 0;
ALTER TABLE garden ADD COLUMN tags TEXT NOT NULL DEFAULT '[]';
ALTER TABLE garden ADD COLUMN archived INTEGER NOT NULL DEFAULT 0;
-- Values of a bed that nobody stated: what is usual in the region stands in for them.
ALTER TABLE site ADD COLUMN assumed TEXT NOT NULL DEFAULT '[]';
