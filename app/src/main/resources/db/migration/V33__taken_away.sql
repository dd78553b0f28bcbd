-- What was taken away with a reason stays for thirty days in case it was a mistake; no list shows it meanwhile.
ALTER TABLE vehicle
    ADD COLUMN away_at DATETIME(3) NULL,
    ADD COLUMN away_why VARCHAR(200) NULL,
    ADD COLUMN listed BOOLEAN AS (practice = FALSE AND away_at IS NULL) PERSISTENT;

ALTER TABLE job
    ADD COLUMN away_at DATETIME(3) NULL,
    ADD COLUMN away_why VARCHAR(200) NULL;

-- Files that were taken in: the same one again is recognised.
CREATE TABLE taken_file (
    sha256 CHAR(64)    NOT NULL PRIMARY KEY,
    at     DATETIME(3) NOT NULL,
    jobs   INT         NOT NULL
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
