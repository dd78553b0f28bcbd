-- The seals of a vehicle, in the order they were written; and what an owner answers after the first kilometres.
CREATE TABLE vehicle_seal (
    id         BIGINT      NOT NULL AUTO_INCREMENT PRIMARY KEY,
    vehicle_id BIGINT      NOT NULL,
    line       INT         NOT NULL,
    place      VARCHAR(60) NOT NULL,
    marking    VARCHAR(40) NOT NULL,
    lip        VARCHAR(10) NOT NULL,
    track_mm   DOUBLE      NULL,
    spring     VARCHAR(10) NOT NULL,
    seat_mm    DOUBLE      NULL,
    fitted     DATE        NULL,
    CONSTRAINT seal_vehicle FOREIGN KEY (vehicle_id) REFERENCES vehicle (id) ON DELETE CASCADE,
    UNIQUE INDEX seal_line (vehicle_id, line)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE owner_check (
    id     BIGINT      NOT NULL AUTO_INCREMENT PRIMARY KEY,
    job_id BIGINT      NOT NULL,
    token  VARCHAR(64) NOT NULL,
    made   DATETIME(3) NOT NULL,
    ends   DATE        NOT NULL,
    CONSTRAINT owner_check_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE,
    UNIQUE INDEX owner_check_token (token)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE owner_answer (
    id      BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
    job_id  BIGINT       NOT NULL,
    after_km INT         NOT NULL,
    heat    VARCHAR(10)  NOT NULL,
    noise   BOOLEAN      NOT NULL,
    loose   BOOLEAN      NOT NULL,
    leaks   BOOLEAN      NOT NULL,
    note    VARCHAR(300) NOT NULL,
    told    DATETIME(3)  NOT NULL,
    CONSTRAINT owner_answer_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE,
    UNIQUE INDEX owner_answer_once (job_id, after_km)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- Where a photo shows a ring from its end: centre and the radii of its two edges, in shares of the photo's width.
CREATE TABLE photo_ring (
    id         BIGINT      NOT NULL AUTO_INCREMENT PRIMARY KEY,
    photo_id   BIGINT      NOT NULL,
    job_id     BIGINT      NOT NULL,
    place      VARCHAR(40) NOT NULL,
    ring       VARCHAR(5)  NOT NULL,
    centre_x   DOUBLE      NOT NULL,
    centre_y   DOUBLE      NOT NULL,
    outboard   DOUBLE      NOT NULL,
    inboard    DOUBLE      NOT NULL,
    mirrored   BOOLEAN     NOT NULL,
    CONSTRAINT ring_photo FOREIGN KEY (photo_id) REFERENCES photo (id) ON DELETE CASCADE,
    UNIQUE INDEX ring_of_place (job_id, place, ring)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
