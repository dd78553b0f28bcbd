-- The day on the bench: what the workshop has, what is promised, tasks of one's own, and the plan as it was last made.
CREATE TABLE day_setup (
    id        INT          NOT NULL PRIMARY KEY,
    begins    VARCHAR(5)   NOT NULL,
    ends      VARCHAR(5)   NOT NULL,
    resources VARCHAR(600) NOT NULL
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE day_job (
    job_id   BIGINT      NOT NULL PRIMARY KEY,
    promised DATETIME(3) NULL,
    parts    DATETIME(3) NULL,
    CONSTRAINT day_job_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE day_task (
    id   BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
    day  DATE         NOT NULL,
    line VARCHAR(200) NOT NULL,
    INDEX day_task_day (day)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE day_pin (
    day   DATE         NOT NULL,
    code  VARCHAR(120) NOT NULL,
    at    INT          NOT NULL,
    PRIMARY KEY (day, code)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE day_plan (
    day    DATE        NOT NULL PRIMARY KEY,
    made   DATETIME(3) NOT NULL,
    began  INT         NOT NULL,
    late   INT         NOT NULL,
    bound  INT         NOT NULL,
    proven BOOLEAN     NOT NULL,
    fits   BOOLEAN     NOT NULL
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE day_step (
    day      DATE         NOT NULL,
    line     INT          NOT NULL,
    code     VARCHAR(120) NOT NULL,
    begins   INT          NOT NULL,
    minutes  INT          NOT NULL,
    uses     VARCHAR(200) NOT NULL,
    waits    BOOLEAN      NOT NULL,
    promised INT          NULL,
    chance   DOUBLE       NULL,
    job_id   BIGINT       NULL,
    moved    BOOLEAN      NOT NULL,
    PRIMARY KEY (day, line),
    CONSTRAINT day_step_plan FOREIGN KEY (day) REFERENCES day_plan (day) ON DELETE CASCADE
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
