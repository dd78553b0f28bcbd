-- What is kept stays as it was typed and as it was printed.

-- Every text keeps the system it was typed in; those of older releases were read in the workshop's present one.
UPDATE stage SET document = JSON_SET(document, '$.units', (SELECT unit_system FROM workshop WHERE id = 1)) WHERE JSON_VALID(document);
UPDATE stage_draft SET base = CONCAT('{"texts":', base, ',"units":"', (SELECT unit_system FROM workshop WHERE id = 1), '"}'),
                       texts = CONCAT('{"texts":', texts, ',"units":"', (SELECT unit_system FROM workshop WHERE id = 1), '"}');
UPDATE job_answer SET texts = CONCAT('{"texts":', texts, ',"units":"', (SELECT unit_system FROM workshop WHERE id = 1), '"}');

-- A split pin that was ticked is the answer to the proof of the lock.
UPDATE stage s JOIN job j ON j.id = s.job_id
    SET s.document = JSON_SET(s.document, '$.texts."proof-nut-locked"', 'right')
    WHERE s.code = 'prove' AND j.state IN ('OPEN', 'WAITING') AND JSON_VALUE(s.document, '$.texts.splitPin') = 'yes';

-- A draft that was kept leaves a mark, so that what was sent before it and comes later is dropped.
ALTER TABLE stage_draft
    ADD COLUMN seq BIGINT NOT NULL DEFAULT 0,
    ADD COLUMN kept BOOLEAN NOT NULL DEFAULT FALSE;

-- A closed job is printed as it stood, whatever changes later.
CREATE TABLE job_paper (
    job_id  BIGINT              NOT NULL PRIMARY KEY,
    content LONGTEXT COMPRESSED NOT NULL,
    CONSTRAINT paper_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- What was known before a job; where it was moved from; one job for a position in a visit, one visit for a form.
ALTER TABLE job
    ADD COLUMN known_before LONGTEXT NULL,
    ADD COLUMN moved_from VARCHAR(24) NOT NULL DEFAULT '',
    ADD COLUMN slot VARCHAR(24) NULL,
    ADD UNIQUE KEY job_once (visit_id, slot);
ALTER TABLE visit
    ADD COLUMN once CHAR(32) NULL,
    ADD UNIQUE KEY visit_once (once);

-- The day on which the bearings of a position were looked after is not the day of the last job there: a tyre may have been its cause.
ALTER TABLE vehicle_position ADD COLUMN served_on DATE NULL;
UPDATE vehicle_position SET served_on = last_worked_on;

-- Nothing is remembered by a position that is not known yet.
UPDATE vehicle_position SET facts = '[]', numbers = '', last_worked_on = NULL, last_counter = NULL, served_on = NULL,
                            due_on = NULL, due_counter = NULL, due_immersions = NULL, immersed = 0 WHERE code = 'unknown';

-- Last jobs whose Prove was skipped were forgotten by their positions.
UPDATE vehicle_position p JOIN (
    SELECT position_id, MAX(worked_on) AS day FROM job WHERE state = 'SIGNED' AND worked_on IS NOT NULL GROUP BY position_id) last ON last.position_id = p.id
    SET p.last_worked_on = last.day
    WHERE p.code <> 'unknown' AND (p.last_worked_on IS NULL OR p.last_worked_on < last.day);

-- Photos of any stage.
ALTER TABLE photo ADD COLUMN stage VARCHAR(12) NOT NULL DEFAULT 'inspect';

-- What was taken off the shelf, and for which job; the same taking sent twice is one.
ALTER TABLE stock_move
    ADD COLUMN job_id BIGINT NULL,
    ADD COLUMN once CHAR(32) NULL,
    ADD KEY stock_move_job (job_id),
    ADD UNIQUE KEY stock_move_once (once, item_id),
    ADD CONSTRAINT stock_move_for FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE SET NULL;

-- What is done after a vehicle was handed over.
CREATE TABLE follow_up (
    id          BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
    job_id      BIGINT       NOT NULL,
    position_id BIGINT       NOT NULL,
    code        VARCHAR(20)  NOT NULL,
    words       VARCHAR(200) NOT NULL,
    from_km     DOUBLE       NOT NULL,
    to_km       DOUBLE       NOT NULL,
    due_on      DATE         NOT NULL,
    done_at     DATETIME(3)  NULL,
    UNIQUE KEY follow_up_once (job_id, code),
    KEY follow_up_due (done_at, due_on),
    CONSTRAINT follow_up_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE,
    CONSTRAINT follow_up_position FOREIGN KEY (position_id) REFERENCES vehicle_position (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
