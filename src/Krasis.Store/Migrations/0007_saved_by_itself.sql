-- A draft saves itself. Of such saves, shortly one after another, the history keeps the last.
ALTER TABLE revision ADD COLUMN by_itself INTEGER NOT NULL DEFAULT 0 CHECK (by_itself IN (0, 1));
