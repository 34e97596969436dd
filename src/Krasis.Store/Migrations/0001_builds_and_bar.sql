-- Builds are documents, with the columns that lists and concurrency need beside them.
-- version counts the saves, from 1; deleted_at marks a build that can still be restored.
CREATE TABLE build (
    id         TEXT    NOT NULL PRIMARY KEY,
    name       TEXT    NOT NULL,
    version    INTEGER NOT NULL CHECK (version >= 1),
    created_at TEXT    NOT NULL,
    updated_at TEXT    NOT NULL,
    deleted_at TEXT    NULL,
    document   TEXT    NOT NULL CHECK (json_valid(document))
) STRICT;

CREATE INDEX build_by_name ON build (name COLLATE NOCASE) WHERE deleted_at IS NULL;

-- Each fact of the bar is a document of its own, so that two people can measure two things at once.
CREATE TABLE bar_fact (
    kind     TEXT    NOT NULL CHECK (kind IN ('cups', 'ingredients', 'dispensers', 'espresso', 'house')),
    id       TEXT    NOT NULL,
    position INTEGER NOT NULL,
    version  INTEGER NOT NULL CHECK (version >= 1),
    document TEXT    NOT NULL CHECK (json_valid(document)),
    PRIMARY KEY (kind, id)
) STRICT;

-- 'Kras' in ASCII: tells a Krasis file from any other SQLite file.
PRAGMA application_id = 1265787251;
