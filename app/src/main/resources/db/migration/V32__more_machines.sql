-- What several machines that serve one database tell each other: how often something that each holds was changed.
CREATE TABLE known_change (
    name VARCHAR(24) NOT NULL PRIMARY KEY,
    n    BIGINT      NOT NULL
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- What a page says once, after what was sent to it was kept.
CREATE TABLE said_once (
    id      CHAR(32)    NOT NULL PRIMARY KEY,
    content MEDIUMTEXT  NOT NULL,
    at      DATETIME(3) NOT NULL,
    KEY said_once_at (at)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- Wrong passwords by the machine they came from.
CREATE TABLE guess (
    machine VARCHAR(64) NOT NULL PRIMARY KEY,
    n       INT         NOT NULL,
    since   DATETIME(3) NOT NULL
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
