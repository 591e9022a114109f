-- Plants allowed in spite of a danger to who lives here; trees and shrubs that stand about, and whether anybody was asked.
ALTER TABLE garden ADD COLUMN allowed TEXT NOT NULL DEFAULT '[]';
ALTER TABLE garden ADD COLUMN nearby TEXT NOT NULL DEFAULT 'null';
