-- A day under water, and all that came with one file, are taken away with a reason and put back within thirty days.
ALTER TABLE immersion
    ADD COLUMN away_at DATETIME(3) NULL,
    ADD COLUMN away_why VARCHAR(200) NULL;
CREATE TABLE taken_vehicle (
    vehicle_id BIGINT   NOT NULL PRIMARY KEY,
    sha256     CHAR(64) NOT NULL,
    INDEX taken_with (sha256),
    CONSTRAINT taken_vehicle_is FOREIGN KEY (vehicle_id) REFERENCES vehicle (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
