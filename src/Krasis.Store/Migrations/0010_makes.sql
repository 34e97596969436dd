-- Every make of a drink is kept: who made what, when, and what really went in.
CREATE TABLE make (
    id         TEXT    NOT NULL PRIMARY KEY,
    build_id   TEXT    NOT NULL,
    drink      TEXT    NOT NULL,
    standard   INTEGER NULL,
    station    TEXT    NULL,
    size       TEXT    NOT NULL,
    size_name  TEXT    NOT NULL,
    who        TEXT    NULL,
    started_at TEXT    NOT NULL,
    seconds    REAL    NOT NULL CHECK (seconds >= 0),
    is_done    INTEGER NOT NULL CHECK (is_done IN (0, 1)),
    strength   REAL    NULL,
    sweetness  REAL    NULL,
    is_allowed INTEGER NULL,
    sent       TEXT    NOT NULL CHECK (json_valid(sent))
) STRICT, WITHOUT ROWID;

CREATE INDEX make_by_time ON make (started_at);

-- What really went in, step by step, as the charts read it.
CREATE TABLE pour (
    make_id   TEXT    NOT NULL REFERENCES make (id),
    number    INTEGER NOT NULL,
    line      TEXT    NOT NULL,
    what      TEXT    NOT NULL,
    dispenser TEXT    NULL,
    recipe    TEXT    NULL,
    target    REAL    NOT NULL,
    grams     REAL    NOT NULL,
    seconds   REAL    NULL,
    celsius   REAL    NULL,
    is_right  INTEGER NOT NULL CHECK (is_right IN (0, 1)),
    PRIMARY KEY (make_id, number)
) STRICT, WITHOUT ROWID;
