-- What is left of each lot, kept beside the book of stock so that nobody has to add it up from its first day.
-- The program fills it from the book when it next opens the file: folded_to is the last line of the book that is in it.
CREATE TABLE lot_balance (
    lot       TEXT NOT NULL PRIMARY KEY,
    item      TEXT NOT NULL,
    remaining REAL NOT NULL CHECK (remaining >= 0),
    since     TEXT NOT NULL,
    opened_on TEXT NULL,
    use_by    TEXT NULL,
    who       TEXT NULL
) STRICT, WITHOUT ROWID;

CREATE INDEX lot_balance_in_stock ON lot_balance (item) WHERE remaining > 0.000001;

CREATE TABLE lot_fold (
    id        INTEGER NOT NULL PRIMARY KEY CHECK (id = 1),
    folded_to INTEGER NOT NULL
) STRICT;

INSERT INTO lot_fold (id, folded_to) VALUES (1, 0);

-- Of which day's sold cups a line of the book is. It was found by its reason until now.
ALTER TABLE lot_entry ADD COLUMN sold_day TEXT NULL;

DROP TRIGGER lot_entry_stays;

UPDATE lot_entry SET sold_day = substr(reason, 9) WHERE move = 'used' AND reason GLOB 'Sold on [0-9][0-9][0-9][0-9]-[0-9][0-9]-[0-9][0-9]';

CREATE TRIGGER lot_entry_stays BEFORE UPDATE ON lot_entry BEGIN SELECT raise(ABORT, 'the book of stock is only added to'); END;

CREATE INDEX lot_entry_by_sold_day ON lot_entry (sold_day) WHERE sold_day IS NOT NULL;
CREATE INDEX lot_entry_by_batch ON lot_entry (batch) WHERE batch IS NOT NULL;
CREATE INDEX lot_entry_by_move ON lot_entry (move, day);

-- Which ingredient a pour was of, and at which station, by their ids: a name may change, and what was learned must not go with it.
ALTER TABLE pour ADD COLUMN ingredient TEXT NULL;

UPDATE pour SET ingredient = (
    SELECT json_extract(line.value, '$.ingredient')
    FROM make
    JOIN standard ON standard.build_id = make.build_id AND standard.number = make.standard
    JOIN json_each(standard.document, '$.lines') AS line
    WHERE make.id = pour.make_id AND json_extract(line.value, '$.id') = pour.line
);

ALTER TABLE make ADD COLUMN station_id TEXT NULL;

UPDATE make SET station_id = json_extract(sent, '$.Station');
