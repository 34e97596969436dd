-- A standard is a build as it was published, with the facts of the bar that it rests on. It never changes.
CREATE TABLE standard (
    build_id     TEXT    NOT NULL REFERENCES build (id),
    number       INTEGER NOT NULL CHECK (number >= 1),
    published_at TEXT    NOT NULL,
    reason       TEXT    NOT NULL,
    document     TEXT    NOT NULL CHECK (json_valid(document)),
    bar          TEXT    NOT NULL CHECK (json_valid(bar)),
    PRIMARY KEY (build_id, number)
) STRICT;

CREATE TRIGGER standard_stays BEFORE UPDATE ON standard
BEGIN
    SELECT RAISE(ABORT, 'a published standard does not change');
END;

CREATE TRIGGER standard_is_kept BEFORE DELETE ON standard
BEGIN
    SELECT RAISE(ABORT, 'a published standard is kept');
END;
