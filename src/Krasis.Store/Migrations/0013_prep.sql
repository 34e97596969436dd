-- How the house prepares: one document.
CREATE TABLE prep (
    id       INTEGER NOT NULL PRIMARY KEY CHECK (id = 1),
    version  INTEGER NOT NULL CHECK (version >= 1),
    document TEXT    NOT NULL CHECK (json_valid(document))
) STRICT;

-- What somebody said of a day: what sort of day it is, and how many cups there will be.
CREATE TABLE prep_day (
    day  TEXT NOT NULL PRIMARY KEY,
    kind TEXT NOT NULL
) STRICT, WITHOUT ROWID;

CREATE TABLE expected_cups (
    day      TEXT NOT NULL,
    station  TEXT NOT NULL,
    build_id TEXT NOT NULL,
    size     TEXT NOT NULL,
    cups     REAL NOT NULL CHECK (cups >= 0),
    PRIMARY KEY (day, station, build_id, size)
) STRICT, WITHOUT ROWID;

-- What was sold. A day that is taken in anew takes the place of what was there of it at that station.
CREATE TABLE sold_cups (
    day      TEXT NOT NULL,
    station  TEXT NOT NULL,
    build_id TEXT NOT NULL,
    size     TEXT NOT NULL,
    cups     REAL NOT NULL CHECK (cups >= 0),
    PRIMARY KEY (day, station, build_id, size)
) STRICT, WITHOUT ROWID;

-- What the till calls a drink, as it was once said; no build where it is none of ours.
CREATE TABLE sales_name (
    words    TEXT NOT NULL PRIMARY KEY,
    build_id TEXT NULL,
    size     TEXT NULL
) STRICT, WITHOUT ROWID;

-- Which columns of a sales file hold what, by the file's head.
CREATE TABLE sales_columns (
    head     TEXT NOT NULL PRIMARY KEY,
    document TEXT NOT NULL CHECK (json_valid(document))
) STRICT, WITHOUT ROWID;

-- The book of stock. Nothing in it is changed or taken away: what was wrong is put right by another line.
CREATE TABLE lot_entry (
    number  INTEGER NOT NULL PRIMARY KEY AUTOINCREMENT,
    id      TEXT    NOT NULL UNIQUE,
    at      TEXT    NOT NULL,
    lot     TEXT    NOT NULL,
    item    TEXT    NOT NULL,
    move    TEXT    NOT NULL CHECK (move IN ('made', 'bought', 'opened', 'used', 'thrown', 'counted')),
    amount  REAL    NOT NULL,
    day     TEXT    NOT NULL,
    use_by  TEXT    NULL,
    batch   TEXT    NULL,
    reason  TEXT    NULL,
    who     TEXT    NULL,
    cost    REAL    NULL
) STRICT;

CREATE INDEX lot_entry_by_lot ON lot_entry (lot);

CREATE TRIGGER lot_entry_stays BEFORE UPDATE ON lot_entry BEGIN SELECT raise(ABORT, 'the book of stock is only added to'); END;
CREATE TRIGGER lot_entry_is_kept BEFORE DELETE ON lot_entry BEGIN SELECT raise(ABORT, 'the book of stock is only added to'); END;

-- Batches that somebody moved by hand or has begun.
CREATE TABLE set_batch (
    key      TEXT    NOT NULL PRIMARY KEY,
    item     TEXT    NOT NULL,
    grams    REAL    NOT NULL,
    begin_at TEXT    NOT NULL,
    is_begun INTEGER NOT NULL CHECK (is_begun IN (0, 1)),
    who      TEXT    NULL
) STRICT, WITHOUT ROWID;

-- What the calendar has said of a batch, and how often it has changed its mind.
CREATE TABLE calendar_entry (
    key      TEXT    NOT NULL PRIMARY KEY,
    sequence INTEGER NOT NULL,
    says     TEXT    NOT NULL,
    begin_at TEXT    NOT NULL,
    ends_at  TEXT    NOT NULL,
    title    TEXT    NOT NULL,
    changed  TEXT    NOT NULL
) STRICT, WITHOUT ROWID;
