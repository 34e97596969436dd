-- Which standard the cards were of that were printed last, by drink and station: when the standard moves, they are out of date.
CREATE TABLE card_print (
    build_id   TEXT    NOT NULL REFERENCES build (id),
    station    TEXT    NOT NULL,
    standard   INTEGER NOT NULL CHECK (standard >= 1),
    printed_at TEXT    NOT NULL,
    PRIMARY KEY (build_id, station)
) STRICT, WITHOUT ROWID;
