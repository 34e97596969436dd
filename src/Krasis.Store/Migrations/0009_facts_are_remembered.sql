-- Every version of a fact of the bar is kept, so that an old one can be looked at and brought back, and so can what was removed.
-- A version without a document is a removal; one without a time was kept before times were.
CREATE TABLE bar_fact_revision (
    kind     TEXT    NOT NULL,
    id       TEXT    NOT NULL,
    version  INTEGER NOT NULL CHECK (version >= 1),
    saved_at TEXT    NULL,
    document TEXT    NULL CHECK (document IS NULL OR json_valid(document)),
    PRIMARY KEY (kind, id, version)
) STRICT;

INSERT INTO bar_fact_revision (kind, id, version, saved_at, document) SELECT kind, id, version, NULL, document FROM bar_fact;
