-- What a vehicle went through, and what a run of a bearing is counted by; the runs are written anew by V19.
CREATE TABLE vehicle_event (
    id          BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
    vehicle_id  BIGINT       NOT NULL,
    position_id BIGINT       NULL,
    kind        VARCHAR(20)  NOT NULL,
    day         DATE         NOT NULL,
    times       INT          NOT NULL,
    amount      DOUBLE       NULL,
    counter     DOUBLE       NULL,
    hard        INT          NOT NULL,
    note        VARCHAR(200) NOT NULL,
    CONSTRAINT event_vehicle FOREIGN KEY (vehicle_id) REFERENCES vehicle (id) ON DELETE CASCADE,
    CONSTRAINT event_position FOREIGN KEY (position_id) REFERENCES vehicle_position (id) ON DELETE CASCADE,
    INDEX event_day (vehicle_id, day)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- Why it is due sooner than its rule says, and what it went through since its bearings were last looked after.
ALTER TABLE vehicle_position
    ADD COLUMN due_why      VARCHAR(160) NOT NULL DEFAULT '',
    ADD COLUMN went_through VARCHAR(120) NOT NULL DEFAULT '';

ALTER TABLE bearing_run
    ADD COLUMN seen_day     DATE        NULL,
    ADD COLUMN seen_counter DOUBLE      NULL,
    ADD COLUMN kind         VARCHAR(30) NOT NULL DEFAULT '',
    ADD COLUMN grease       VARCHAR(20) NOT NULL DEFAULT '',
    ADD COLUMN seals        VARCHAR(20) NOT NULL DEFAULT '',
    ADD COLUMN end_play     DOUBLE      NULL,
    ADD COLUMN set_by       VARCHAR(10) NOT NULL DEFAULT '',
    ADD COLUMN nth          INT         NOT NULL DEFAULT 1,
    ADD INDEX bearing_run_kind (kind);
