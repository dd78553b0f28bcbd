-- Work on something hidden, as far as it went: where it stands is made again from seed, level and moves.
CREATE TABLE practice_work (
    id    BIGINT      NOT NULL AUTO_INCREMENT PRIMARY KEY,
    work  VARCHAR(24) NOT NULL,
    level INT         NOT NULL,
    seed  BIGINT      NOT NULL,
    who   VARCHAR(10) NOT NULL,
    moves TEXT        NOT NULL,
    began DATETIME(3) NOT NULL
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
