-- Tastings: what was set up, what it was of when it was opened, and what was decided.
CREATE TABLE tasting (
    id         TEXT    NOT NULL PRIMARY KEY,
    version    INTEGER NOT NULL CHECK (version >= 1),
    state      TEXT    NOT NULL CHECK (state IN ('draft', 'open', 'closed')),
    created_at TEXT    NOT NULL,
    opened_at  TEXT    NULL,
    closed_at  TEXT    NULL,
    document   TEXT    NOT NULL CHECK (json_valid(document)),
    opened     TEXT    NULL CHECK (json_valid(opened)),
    withdrawn  TEXT    NOT NULL DEFAULT '[]' CHECK (json_valid(withdrawn)),
    decision   TEXT    NULL CHECK (json_valid(decision))
) STRICT, WITHOUT ROWID;

CREATE INDEX tasting_by_time ON tasting (created_at);

-- Who sits at a tasting, in the order of coming, and what they answered. Nothing that was answered is changed or taken away.
CREATE TABLE taster (
    tasting_id   TEXT    NOT NULL REFERENCES tasting (id),
    seat         INTEGER NOT NULL CHECK (seat >= 1),
    device       TEXT    NOT NULL,
    is_simulated INTEGER NOT NULL CHECK (is_simulated IN (0, 1)),
    is_counted   INTEGER NOT NULL DEFAULT 1 CHECK (is_counted IN (0, 1)),
    came_at      TEXT    NOT NULL,
    answered_at  TEXT    NULL,
    answer       TEXT    NULL CHECK (json_valid(answer)),
    PRIMARY KEY (tasting_id, seat),
    UNIQUE (tasting_id, device)
) STRICT, WITHOUT ROWID;

-- Two sips at the counter: what somebody noted of a build, and how it stood then.
CREATE TABLE tasting_note (
    id         TEXT    NOT NULL PRIMARY KEY,
    build_id   TEXT    NOT NULL REFERENCES build (id),
    version    INTEGER NOT NULL,
    size       TEXT    NOT NULL,
    noted_at   TEXT    NOT NULL,
    who        TEXT    NULL,
    liking     INTEGER NULL CHECK (liking BETWEEN 1 AND 9),
    words      TEXT    NULL,
    document   TEXT    NOT NULL CHECK (json_valid(document))
) STRICT, WITHOUT ROWID;

CREATE INDEX tasting_note_by_build ON tasting_note (build_id, noted_at);
