-- People with their accounts, and what was done by whom: rows of the latter are only ever added.
CREATE TABLE account (
    id       BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
    name     VARCHAR(40)  NOT NULL UNIQUE,
    initials VARCHAR(6)   NOT NULL,
    role     VARCHAR(12)  NOT NULL,
    password VARCHAR(200) NOT NULL,
    active   BOOLEAN      NOT NULL DEFAULT TRUE,
    made     DATETIME(3)  NOT NULL
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE done_by (
    id         BIGINT        NOT NULL AUTO_INCREMENT PRIMARY KEY,
    at         DATETIME(3)   NOT NULL,
    account_id BIGINT        NULL,
    what       VARCHAR(24)   NOT NULL,
    job_id     BIGINT        NULL,
    words      VARCHAR(400)  NOT NULL,
    was        MEDIUMTEXT    NULL,
    KEY done_by_job (job_id, id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TRIGGER done_by_stays BEFORE UPDATE ON done_by
    FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'what was done by whom is never changed';

CREATE TRIGGER done_by_is_kept BEFORE DELETE ON done_by
    FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'what was done by whom is never deleted';

-- A second person looked a job through before it is signed, where the workshop wants it.
CREATE TABLE job_seen (
    job_id     BIGINT      NOT NULL,
    account_id BIGINT      NOT NULL,
    at         DATETIME(3) NOT NULL,
    PRIMARY KEY (job_id, account_id),
    CONSTRAINT job_seen_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

ALTER TABLE workshop ADD COLUMN second_eyes BOOLEAN NOT NULL DEFAULT FALSE;
