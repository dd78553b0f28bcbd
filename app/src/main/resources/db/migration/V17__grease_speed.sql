-- Speed factor of a grease, n·dm in mm/min, as its sheet tells; NULL where it does not.
ALTER TABLE grease ADD COLUMN ndm DOUBLE NULL;
