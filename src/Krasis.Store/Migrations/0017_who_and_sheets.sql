-- Who saved each version of a build, and from which open page. Saves of one page, shortly one after another, are folded in the history.
ALTER TABLE revision ADD COLUMN who TEXT NOT NULL DEFAULT '';
ALTER TABLE revision ADD COLUMN page TEXT NULL;

-- Who changed a fact of the bar.
ALTER TABLE bar_fact_revision ADD COLUMN who TEXT NOT NULL DEFAULT '';

-- Who published. It was written down with the move to the state until now.
ALTER TABLE standard ADD COLUMN who TEXT NOT NULL DEFAULT '';

DROP TRIGGER standard_stays;

UPDATE standard SET who = coalesce((
    SELECT who FROM state_change AS moved
    WHERE moved.build_id = standard.build_id AND moved.state = 'standard' AND moved.changed_at = standard.published_at
), '');

CREATE TRIGGER standard_stays BEFORE UPDATE ON standard
BEGIN
    SELECT RAISE(ABORT, 'a published standard does not change');
END;

-- The whole sheet of a standard as it was worked out once, with the version of the sums. It never changes.
-- A standard that was published before sheets were kept gets its own when the file is next opened.
CREATE TABLE standard_sheet (
    build_id      TEXT    NOT NULL,
    number        INTEGER NOT NULL,
    sums          INTEGER NOT NULL CHECK (sums >= 1),
    worked_out_at TEXT    NOT NULL,
    sheet         TEXT    NOT NULL CHECK (json_valid(sheet)),
    PRIMARY KEY (build_id, number),
    FOREIGN KEY (build_id, number) REFERENCES standard (build_id, number)
) STRICT;

CREATE TRIGGER standard_sheet_stays BEFORE UPDATE ON standard_sheet
BEGIN
    SELECT RAISE(ABORT, 'the sheet of a published standard does not change');
END;

CREATE TRIGGER standard_sheet_is_kept BEFORE DELETE ON standard_sheet
BEGIN
    SELECT RAISE(ABORT, 'the sheet of a published standard is kept');
END;

-- How often the file has been written: what was worked out on a view of it is good as long as this stays the same.
ALTER TABLE house_file ADD COLUMN writes INTEGER NOT NULL DEFAULT 0;

-- The kinds of fact are known to the program, not to the file. SQLite cannot drop a CHECK, so the table is made again.
CREATE TABLE bar_fact_new (
    kind     TEXT    NOT NULL,
    id       TEXT    NOT NULL,
    position INTEGER NOT NULL,
    version  INTEGER NOT NULL CHECK (version >= 1),
    document TEXT    NOT NULL CHECK (json_valid(document)),
    PRIMARY KEY (kind, id)
) STRICT;

INSERT INTO bar_fact_new (kind, id, position, version, document) SELECT kind, id, position, version, document FROM bar_fact;
DROP TABLE bar_fact;
ALTER TABLE bar_fact_new RENAME TO bar_fact;
CREATE TRIGGER bar_fact_comes AFTER INSERT ON bar_fact BEGIN UPDATE counter SET n = n + 1 WHERE what = 'bar'; END;
CREATE TRIGGER bar_fact_changes AFTER UPDATE ON bar_fact BEGIN UPDATE counter SET n = n + 1 WHERE what = 'bar'; END;
CREATE TRIGGER bar_fact_goes AFTER DELETE ON bar_fact BEGIN UPDATE counter SET n = n + 1 WHERE what = 'bar'; END;

-- json_valid(NULL) is NULL. SQLite 3.40 takes that for a broken CHECK, so columns that may be empty say so.
CREATE TABLE tasting_new (
    id         TEXT    NOT NULL PRIMARY KEY,
    version    INTEGER NOT NULL CHECK (version >= 1),
    state      TEXT    NOT NULL CHECK (state IN ('draft', 'open', 'closed')),
    created_at TEXT    NOT NULL,
    opened_at  TEXT    NULL,
    closed_at  TEXT    NULL,
    document   TEXT    NOT NULL CHECK (json_valid(document)),
    opened     TEXT    NULL CHECK (opened IS NULL OR json_valid(opened)),
    withdrawn  TEXT    NOT NULL DEFAULT '[]' CHECK (json_valid(withdrawn)),
    decision   TEXT    NULL CHECK (decision IS NULL OR json_valid(decision))
) STRICT, WITHOUT ROWID;

INSERT INTO tasting_new (id, version, state, created_at, opened_at, closed_at, document, opened, withdrawn, decision)
SELECT id, version, state, created_at, opened_at, closed_at, document, opened, withdrawn, decision FROM tasting;

CREATE TABLE taster_new (
    tasting_id   TEXT    NOT NULL REFERENCES tasting_new (id),
    seat         INTEGER NOT NULL CHECK (seat >= 1),
    device       TEXT    NOT NULL,
    is_simulated INTEGER NOT NULL CHECK (is_simulated IN (0, 1)),
    is_counted   INTEGER NOT NULL DEFAULT 1 CHECK (is_counted IN (0, 1)),
    came_at      TEXT    NOT NULL,
    answered_at  TEXT    NULL,
    answer       TEXT    NULL CHECK (answer IS NULL OR json_valid(answer)),
    PRIMARY KEY (tasting_id, seat),
    UNIQUE (tasting_id, device)
) STRICT, WITHOUT ROWID;

INSERT INTO taster_new (tasting_id, seat, device, is_simulated, is_counted, came_at, answered_at, answer)
SELECT tasting_id, seat, device, is_simulated, is_counted, came_at, answered_at, answer FROM taster;

DROP TABLE taster;
DROP TABLE tasting;
ALTER TABLE tasting_new RENAME TO tasting;
ALTER TABLE taster_new RENAME TO taster;
CREATE INDEX tasting_by_time ON tasting (created_at);
