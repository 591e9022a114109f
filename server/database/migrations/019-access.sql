-- Who may come in, where the server listens wider than its own machine. Of passphrases only what proves them is held.
CREATE TABLE passphrase (
  role TEXT PRIMARY KEY CHECK (role IN ('change', 'read')),
  salt BLOB NOT NULL,
  hash BLOB NOT NULL,
  set_at TEXT NOT NULL
) STRICT, WITHOUT ROWID;

CREATE TABLE session (
  id TEXT PRIMARY KEY,
  -- SHA-256 of the token in the cookie.
  token BLOB NOT NULL UNIQUE,
  role TEXT NOT NULL CHECK (role IN ('change', 'read')),
  device TEXT NOT NULL,
  address TEXT NOT NULL,
  begun_at TEXT NOT NULL,
  seen_at TEXT NOT NULL
) STRICT, WITHOUT ROWID;

CREATE TABLE sign_in (
  id INTEGER PRIMARY KEY,
  at TEXT NOT NULL,
  device TEXT NOT NULL,
  address TEXT NOT NULL,
  -- The role it was for; null: it was refused.
  role TEXT
) STRICT;
