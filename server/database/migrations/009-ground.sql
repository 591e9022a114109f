-- What a bed's ground is: planted, or lawn, meadow or hedge, where what grows counts and nothing is proposed.
ALTER TABLE site ADD COLUMN ground TEXT NOT NULL DEFAULT 'planted';
