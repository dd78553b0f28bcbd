-- Answers that no stage asks for, kept in a job: one for each question, with its inputs.
CREATE TABLE job_answer (
    id       BIGINT      NOT NULL AUTO_INCREMENT PRIMARY KEY,
    job_id   BIGINT      NOT NULL,
    question VARCHAR(40) NOT NULL,
    title    VARCHAR(80) NOT NULL,
    texts    MEDIUMTEXT  NOT NULL,
    answer   MEDIUMTEXT  NOT NULL,
    kept_at  DATETIME(6) NOT NULL,
    UNIQUE KEY job_answer_question (job_id, question),
    CONSTRAINT job_answer_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
