-- A practice job stands on a vehicle of its own that no list of the workshop shows; what was done on its hidden hub is
-- kept as moves, and made again from seed and level.
ALTER TABLE vehicle ADD COLUMN practice BOOLEAN NOT NULL DEFAULT FALSE;

CREATE TABLE practice_job (
    job_id    BIGINT      NOT NULL PRIMARY KEY,
    level     INT         NOT NULL,
    seed      BIGINT      NOT NULL,
    who       VARCHAR(10) NOT NULL,
    moves     TEXT        NOT NULL,
    began     DATETIME(3) NOT NULL,
    handed_in DATETIME(3) NULL,
    barred    TEXT        NOT NULL DEFAULT '',
    CONSTRAINT practice_job_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
