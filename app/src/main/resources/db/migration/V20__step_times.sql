-- When each step of a procedure was done and what it took; filled from the documents by V21.
CREATE TABLE log_step (
    id      BIGINT      NOT NULL AUTO_INCREMENT PRIMARY KEY,
    job_id  BIGINT      NOT NULL,
    stage   VARCHAR(12) NOT NULL,
    step    VARCHAR(60) NOT NULL,
    done_at DATETIME    NOT NULL,
    planned DOUBLE      NULL,
    minutes DOUBLE      NULL,
    CONSTRAINT log_step_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE,
    INDEX log_step_stage (job_id, stage),
    INDEX log_step_step (step)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
