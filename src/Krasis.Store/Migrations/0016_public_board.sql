-- Whether the lead has said that anybody may read the board, such as a menu screen.
ALTER TABLE house_file ADD COLUMN board_public INTEGER NOT NULL DEFAULT 0 CHECK (board_public IN (0, 1));
