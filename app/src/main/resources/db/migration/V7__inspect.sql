-- Tools of the workshop, timers that run beside the work, and photos of removed bearings.
ALTER TABLE workshop ADD COLUMN tools VARCHAR(200) NOT NULL DEFAULT 'press tube hammer splitter jaw oven freezer grinder';

CREATE TABLE timer (
    id      BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
    job_id  BIGINT       NOT NULL,
    code    VARCHAR(20)  NOT NULL,
    words   VARCHAR(200) NOT NULL,
    ends_at DATETIME(6)  NOT NULL,
    UNIQUE KEY timer_of_job (job_id, code),
    KEY timer_ends (ends_at),
    CONSTRAINT timer_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE photo (
    id       BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
    job_id   BIGINT       NOT NULL,
    words    VARCHAR(100) NOT NULL,
    added_at DATETIME(6)  NOT NULL,
    width    INT          NOT NULL,
    height   INT          NOT NULL,
    jpeg     LONGBLOB     NOT NULL,
    KEY photo_job (job_id),
    CONSTRAINT photo_of_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
