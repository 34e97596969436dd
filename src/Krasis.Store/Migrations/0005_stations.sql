-- Stations are facts too. SQLite cannot change a CHECK, so the table is laid anew.
CREATE TABLE bar_fact_new (
    kind     TEXT    NOT NULL CHECK (kind IN ('cups', 'ingredients', 'dispensers', 'espresso', 'coffees', 'foams', 'pitchers', 'parts', 'stations', 'house')),
    id       TEXT    NOT NULL,
    position INTEGER NOT NULL,
    version  INTEGER NOT NULL CHECK (version >= 1),
    document TEXT    NOT NULL CHECK (json_valid(document)),
    PRIMARY KEY (kind, id)
) STRICT;

INSERT INTO bar_fact_new (kind, id, position, version, document)
SELECT kind, id, position, version, document FROM bar_fact;

DROP TABLE bar_fact;

ALTER TABLE bar_fact_new RENAME TO bar_fact;
