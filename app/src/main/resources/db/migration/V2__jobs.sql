-- Vehicles and their positions; visits, jobs and stages. Documents are versioned JSON; columns are what is searched, counted or scheduled.
CREATE TABLE vehicle (
    id              BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
    version         INT          NOT NULL,
    kind            VARCHAR(20)  NOT NULL,
    name            VARCHAR(80)  NOT NULL,
    mark            VARCHAR(30)  NOT NULL,
    owner           VARCHAR(10)  NOT NULL,
    counter_unit    VARCHAR(6)   NOT NULL,
    yearly_distance DOUBLE       NULL,
    use_code        VARCHAR(12)  NOT NULL,
    axles           INT          NOT NULL,
    INDEX vehicle_name (name),
    INDEX vehicle_mark (mark)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE vehicle_position (
    id              BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
    version         INT          NOT NULL,
    vehicle_id      BIGINT       NOT NULL,
    code            VARCHAR(24)  NOT NULL,
    facts           LONGTEXT     NOT NULL,
    numbers         VARCHAR(255) NOT NULL,
    last_worked_on  DATE         NULL,
    due_on          DATE         NULL,
    due_counter     DOUBLE       NULL,
    due_immersions  INT          NULL,
    CONSTRAINT position_vehicle FOREIGN KEY (vehicle_id) REFERENCES vehicle (id),
    UNIQUE KEY position_once (vehicle_id, code),
    INDEX position_due (due_on),
    INDEX position_numbers (numbers)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE immersion (
    id          BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
    vehicle_id  BIGINT       NOT NULL,
    day         DATE         NOT NULL,
    times       INT          NOT NULL,
    note        VARCHAR(200) NOT NULL,
    CONSTRAINT immersion_vehicle FOREIGN KEY (vehicle_id) REFERENCES vehicle (id),
    INDEX immersion_day (vehicle_id, day)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE visit (
    id          BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
    vehicle_id  BIGINT       NOT NULL,
    opened_at   DATETIME(3)  NOT NULL,
    CONSTRAINT visit_vehicle FOREIGN KEY (vehicle_id) REFERENCES vehicle (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE job (
    id           BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
    version      INT          NOT NULL,
    visit_id     BIGINT       NOT NULL,
    position_id  BIGINT       NOT NULL,
    state        VARCHAR(12)  NOT NULL,
    waiting_for  VARCHAR(200) NOT NULL,
    opened_at    DATETIME(3)  NOT NULL,
    closed_at    DATETIME(3)  NULL,
    worked_on    DATE         NULL,
    counter      DOUBLE       NULL,
    complaint    VARCHAR(500) NOT NULL,
    cause        VARCHAR(40)  NOT NULL,
    signed_by    VARCHAR(10)  NOT NULL,
    numbers      VARCHAR(255) NOT NULL,
    sheet        LONGTEXT     NULL,
    CONSTRAINT job_visit FOREIGN KEY (visit_id) REFERENCES visit (id),
    CONSTRAINT job_position FOREIGN KEY (position_id) REFERENCES vehicle_position (id),
    INDEX job_state (state, opened_at),
    INDEX job_history (position_id, closed_at)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE stage (
    id        BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
    version   INT          NOT NULL,
    job_id    BIGINT       NOT NULL,
    code      VARCHAR(12)  NOT NULL,
    state     VARCHAR(12)  NOT NULL,
    complete  BOOLEAN      NOT NULL,
    document  LONGTEXT     NOT NULL,
    saved_at  DATETIME(3)  NOT NULL,
    CONSTRAINT stage_job FOREIGN KEY (job_id) REFERENCES job (id),
    UNIQUE KEY stage_once (job_id, code)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE job_note (
    id          BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
    job_id      BIGINT       NOT NULL,
    written_at  DATETIME(3)  NOT NULL,
    kind        VARCHAR(12)  NOT NULL,
    text        VARCHAR(500) NOT NULL,
    CONSTRAINT note_job FOREIGN KEY (job_id) REFERENCES job (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
