-- How often the bar's facts, and how often builds and standards have been changed: what was worked out from them is good as long as these stay
-- the same.
CREATE TABLE counter (
    what TEXT    NOT NULL PRIMARY KEY CHECK (what IN ('bar', 'builds')),
    n    INTEGER NOT NULL
) STRICT;

INSERT INTO counter (what, n) VALUES ('bar', 1), ('builds', 1);

CREATE TRIGGER bar_fact_comes AFTER INSERT ON bar_fact BEGIN UPDATE counter SET n = n + 1 WHERE what = 'bar'; END;
CREATE TRIGGER bar_fact_changes AFTER UPDATE ON bar_fact BEGIN UPDATE counter SET n = n + 1 WHERE what = 'bar'; END;
CREATE TRIGGER bar_fact_goes AFTER DELETE ON bar_fact BEGIN UPDATE counter SET n = n + 1 WHERE what = 'bar'; END;
CREATE TRIGGER build_comes AFTER INSERT ON build BEGIN UPDATE counter SET n = n + 1 WHERE what = 'builds'; END;
CREATE TRIGGER build_changes AFTER UPDATE ON build BEGIN UPDATE counter SET n = n + 1 WHERE what = 'builds'; END;
CREATE TRIGGER build_goes AFTER DELETE ON build BEGIN UPDATE counter SET n = n + 1 WHERE what = 'builds'; END;
CREATE TRIGGER standard_comes AFTER INSERT ON standard BEGIN UPDATE counter SET n = n + 1 WHERE what = 'builds'; END;
