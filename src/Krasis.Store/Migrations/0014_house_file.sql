-- Which house a file is of, so that a copy of it is known again; when it was opened last: the write that shows at the start that it can be written;
-- and a place for as much as a save takes, to try after one has failed whether there is room again.
CREATE TABLE house_file (
    id        INTEGER NOT NULL PRIMARY KEY CHECK (id = 1),
    house     TEXT    NOT NULL,
    opened_at TEXT    NULL,
    room      BLOB    NULL
) STRICT;

INSERT INTO house_file (id, house) VALUES (1, lower(hex(randomblob(16))));
