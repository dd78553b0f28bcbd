-- What somebody is typing and has not kept yet, one row for each desk (browser) at a stage.
CREATE TABLE stage_draft (
    id        BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
    job_id    BIGINT       NOT NULL,
    code      VARCHAR(12)  NOT NULL,
    desk      CHAR(32)     NOT NULL,
    version   INT          NOT NULL,
    base      LONGTEXT     NOT NULL,
    texts     LONGTEXT     NOT NULL,
    typed_at  DATETIME(3)  NOT NULL,
    CONSTRAINT draft_job FOREIGN KEY (job_id) REFERENCES job (id),
    UNIQUE KEY draft_once (job_id, code, desk),
    INDEX draft_age (typed_at)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- Where the stations of a job stand, so that the board need not open them.
ALTER TABLE job ADD COLUMN rail VARCHAR(400) NOT NULL DEFAULT '';

-- What the next job and the due list want to know of a position, without adding up its history each time.
ALTER TABLE vehicle_position
    ADD COLUMN last_counter DOUBLE NULL,
    ADD COLUMN immersed INT NOT NULL DEFAULT 0;
UPDATE vehicle_position p SET
    last_counter = (SELECT j.counter FROM job j WHERE j.position_id = p.id AND j.state = 'SIGNED' ORDER BY j.worked_on DESC, j.id DESC LIMIT 1),
    immersed = (SELECT COALESCE(SUM(i.times), 0) FROM immersion i WHERE i.vehicle_id = p.vehicle_id AND (p.last_worked_on IS NULL OR i.day > p.last_worked_on));
ALTER TABLE vehicle_position
    ADD COLUMN immersions_left INT AS (due_immersions - immersed) STORED,
    ADD INDEX position_immersions (immersions_left);

-- A search over complaints and numbers reads this index alone, the newest first, and stops when it has found enough.
ALTER TABLE job ADD INDEX job_search (opened_at, complaint, numbers);
