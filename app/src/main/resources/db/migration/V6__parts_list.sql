-- The parts list of a job: its rows as typed, in one document; the version tells two who keep at once apart.
ALTER TABLE job
    ADD COLUMN parts LONGTEXT NULL,
    ADD COLUMN parts_version INT NOT NULL DEFAULT 0;
