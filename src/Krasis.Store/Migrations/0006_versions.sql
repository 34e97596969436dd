-- A build is a draft, on trial, a standard, or retired. What was published before is a standard.
ALTER TABLE build ADD COLUMN state TEXT NOT NULL DEFAULT 'draft' CHECK (state IN ('draft', 'trial', 'standard', 'retired'));

UPDATE build SET state = 'standard' WHERE id IN (SELECT build_id FROM standard);

-- Every save is kept, so that any two can be compared and an old one brought back.
CREATE TABLE revision (
    build_id TEXT    NOT NULL REFERENCES build (id),
    version  INTEGER NOT NULL CHECK (version >= 1),
    saved_at TEXT    NOT NULL,
    document TEXT    NOT NULL CHECK (json_valid(document)),
    PRIMARY KEY (build_id, version)
) STRICT;

INSERT INTO revision (build_id, version, saved_at, document) SELECT id, version, updated_at, document FROM build;

-- Who moved a build from one state to another, and why.
CREATE TABLE state_change (
    build_id   TEXT    NOT NULL REFERENCES build (id),
    number     INTEGER NOT NULL CHECK (number >= 1),
    changed_at TEXT    NOT NULL,
    state      TEXT    NOT NULL,
    who        TEXT    NOT NULL,
    reason     TEXT    NOT NULL,
    PRIMARY KEY (build_id, number)
) STRICT;
