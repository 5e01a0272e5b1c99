-- Tools not every shop has, of those it has, by name and one a line.
ALTER TABLE shop ADD COLUMN tools VARCHAR(2000) NOT NULL DEFAULT '';
