-- What was last counted or no longer counted for Diagnose, so that those who hold the count move it instead of counting
-- all of it again. n: the number of changes after it, as known_change tells it.
CREATE TABLE own_case_change (
    n        BIGINT        NOT NULL PRIMARY KEY,
    moved    INT           NOT NULL,
    vehicle  VARCHAR(12)   NOT NULL,
    cause    VARCHAR(40)   NOT NULL,
    position VARCHAR(20)   NOT NULL,
    checks   VARCHAR(4000) NOT NULL
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
