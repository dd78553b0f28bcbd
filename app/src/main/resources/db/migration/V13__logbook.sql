-- What the logbook counts, beside the documents that say the same: written with them, filled from them by V14.
CREATE TABLE log_finding (
    id      BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
    job_id  BIGINT       NOT NULL,
    stage   VARCHAR(12)  NOT NULL,
    code    VARCHAR(60)  NOT NULL,
    level   VARCHAR(10)  NOT NULL,
    CONSTRAINT log_finding_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE,
    INDEX log_finding_stage (job_id, stage),
    INDEX log_finding_code (code, level)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE log_fact (
    id          BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
    job_id      BIGINT       NOT NULL,
    stage       VARCHAR(12)  NOT NULL,
    fact_key    VARCHAR(40)  NOT NULL,
    amount      DOUBLE       NULL,
    uncertainty DOUBLE       NOT NULL,
    words       VARCHAR(255) NOT NULL,
    how         VARCHAR(12)  NOT NULL,
    CONSTRAINT log_fact_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE,
    INDEX log_fact_stage (job_id, stage),
    INDEX log_fact_key (fact_key)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE log_mode (
    id      BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
    job_id  BIGINT       NOT NULL,
    mode    VARCHAR(40)  NOT NULL,
    CONSTRAINT log_mode_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE,
    INDEX log_mode_mode (mode)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE log_part (
    id        BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
    job_id    BIGINT       NOT NULL,
    kind      VARCHAR(20)  NOT NULL,
    what      VARCHAR(120) NOT NULL,
    place     VARCHAR(120) NOT NULL,
    amount    DOUBLE       NOT NULL,
    unit      VARCHAR(10)  NOT NULL,
    cost      DOUBLE       NULL,
    supplier  VARCHAR(60)  NOT NULL,
    CONSTRAINT log_part_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE,
    INDEX log_part_kind (kind)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE bearing_run (
    id           BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
    position_id  BIGINT       NOT NULL,
    place        VARCHAR(20)  NOT NULL,
    number       VARCHAR(60)  NOT NULL,
    from_job     BIGINT       NOT NULL,
    from_day     DATE         NOT NULL,
    from_counter DOUBLE       NULL,
    fitted       BOOLEAN      NOT NULL,
    to_job       BIGINT       NULL,
    to_day       DATE         NULL,
    to_counter   DOUBLE       NULL,
    ended        VARCHAR(10)  NOT NULL,
    CONSTRAINT bearing_run_position FOREIGN KEY (position_id) REFERENCES vehicle_position (id) ON DELETE CASCADE,
    INDEX bearing_run_place (position_id, place),
    INDEX bearing_run_number (number, ended)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
