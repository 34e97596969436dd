-- When cups were sold, if the sales file has times: minutes of the day and the cups sold in them, "494:2 500:1".
ALTER TABLE sold_cups ADD COLUMN times TEXT NULL;
