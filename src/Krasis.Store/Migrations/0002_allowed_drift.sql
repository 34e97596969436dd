-- House rules say how far a size may taste from the reference size. Files from before that get the value that a fresh
-- file begins with.
UPDATE bar_fact
SET document = json_set(document, '$.strengthDriftPercent', 15, '$.sweetnessDriftPercent', 15), version = version + 1
WHERE kind = 'house' AND json_extract(document, '$.strengthDriftPercent') IS NULL;
