-- What was taken in from files, and how it is undone.
CREATE TABLE taken_in (
    id        TEXT NOT NULL PRIMARY KEY,
    taken_at  TEXT NOT NULL,
    says      TEXT NOT NULL,
    undo      TEXT NOT NULL CHECK (json_valid(undo)),
    undone_at TEXT NULL
) STRICT, WITHOUT ROWID;

-- What the facts of other houses are here, as it was said once.
CREATE TABLE foreign_fact (
    house TEXT    NOT NULL,
    kind  TEXT    NOT NULL,
    id    TEXT    NOT NULL,
    own   TEXT    NULL,
    comes INTEGER NOT NULL CHECK (comes IN (0, 1)),
    PRIMARY KEY (house, kind, id)
) STRICT, WITHOUT ROWID;
