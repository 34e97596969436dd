-- When cups were sold, as far as the sales file has it: minutes of the day with their cups, "494:2 500:1".
ALTER TABLE sold_cups ADD COLUMN times TEXT NULL;
