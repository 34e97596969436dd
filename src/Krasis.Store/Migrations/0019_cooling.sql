-- How warm a cooked batch was when, as somebody measured it; without a temperature, that it left the heat. Only added to.
CREATE TABLE cooling_reading (
    id      INTEGER NOT NULL PRIMARY KEY,
    batch   TEXT NOT NULL,
    at      TEXT NOT NULL,
    celsius REAL NULL CHECK (celsius IS NULL OR celsius BETWEEN -40 AND 120),
    who     TEXT NULL
) STRICT;

CREATE INDEX cooling_reading_of_batch ON cooling_reading (batch, at);
