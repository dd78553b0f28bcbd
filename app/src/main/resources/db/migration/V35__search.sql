-- What is looked for by words or numbers is found without reading every row: the newest rows are looked through as they
-- stand, older ones by how their words begin, and numbers by the few that differ.
ALTER TABLE job
    ADD COLUMN under_way BOOLEAN AS (away_at IS NULL AND state IN ('OPEN', 'WAITING')) PERSISTENT,
    ADD INDEX job_under_way (under_way, opened_at, id),
    ADD FULLTEXT INDEX job_words (complaint),
    ADD INDEX job_numbers (numbers, opened_at),
    ADD INDEX job_closed (closed_at, id);
ALTER TABLE job_note ADD FULLTEXT INDEX note_words (text);
ALTER TABLE photo ADD FULLTEXT INDEX photo_words (words);
ALTER TABLE vehicle
    ADD FULLTEXT INDEX vehicle_words (name, mark, owner),
    ADD INDEX vehicle_listed (listed, name, id, mark, owner);
