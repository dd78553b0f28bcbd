-- What the application alone knows: the same for every machine that serves this database, and over restarts.
CREATE TABLE secret (
    name  VARCHAR(24) NOT NULL PRIMARY KEY,
    value VARCHAR(64) NOT NULL
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
