-- What of a vehicle is looked after by a rule of its own: oil, seals, belts.
CREATE TABLE vehicle_care (
    id            BIGINT      NOT NULL AUTO_INCREMENT PRIMARY KEY,
    vehicle_id    BIGINT      NOT NULL,
    what          VARCHAR(60) NOT NULL,
    every_months  INT         NULL,
    every_counter DOUBLE      NULL,
    done_on       DATE        NOT NULL,
    done_counter  DOUBLE      NULL,
    due_on        DATE        NULL,
    due_counter   DOUBLE      NULL,
    due_why       VARCHAR(160) NOT NULL DEFAULT '',
    CONSTRAINT care_vehicle FOREIGN KEY (vehicle_id) REFERENCES vehicle (id) ON DELETE CASCADE,
    INDEX care_due (due_on)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
