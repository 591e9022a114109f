-- What is said of the library for all gardens of this installation: a garden's own word wins over it.
CREATE TABLE shelf_row (
  file TEXT NOT NULL,
  key TEXT NOT NULL,
  -- The row's cells by column; the JSON value null strikes the shipped row out.
  cells TEXT NOT NULL CHECK (json_valid(cells)),
  put_on TEXT NOT NULL,
  PRIMARY KEY (file, key)
) STRICT;
