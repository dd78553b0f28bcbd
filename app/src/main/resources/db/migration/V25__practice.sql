-- What was answered on the practice bench, a line for each lesson of five.
CREATE TABLE practice_done (
    id     BIGINT      NOT NULL AUTO_INCREMENT PRIMARY KEY,
    lesson VARCHAR(24) NOT NULL,
    level  INT         NOT NULL,
    seed   BIGINT      NOT NULL,
    who    VARCHAR(10) NOT NULL,
    right_ INT         NOT NULL,
    asked  INT         NOT NULL,
    done   DATETIME(3) NOT NULL,
    UNIQUE INDEX practice_once (lesson, level, seed, who)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
