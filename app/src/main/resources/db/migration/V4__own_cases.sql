-- What closed jobs turned out to be, with the results that led there: counted over the shipped table of Diagnose.
CREATE TABLE own_case (
    job_id   BIGINT       NOT NULL PRIMARY KEY,
    vehicle  VARCHAR(12)  NOT NULL,
    cause    VARCHAR(40)  NOT NULL,
    position VARCHAR(20)  NOT NULL,
    checks   VARCHAR(4000) NOT NULL,
    CONSTRAINT own_case_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
INSERT INTO own_case (job_id, vehicle, cause, position, checks)
    SELECT j.id, v.kind, j.cause, p.code, '' FROM job j JOIN vehicle_position p ON p.id = j.position_id JOIN vehicle v ON v.id = p.vehicle_id
    WHERE j.state = 'SIGNED' AND j.cause <> '';

-- Whether Diagnose counts them.
ALTER TABLE workshop ADD COLUMN learns BOOLEAN NOT NULL DEFAULT TRUE;

-- Bearings that failed before, by position, as Diagnose reads them.
ALTER TABLE vehicle ADD COLUMN failures VARCHAR(200) NOT NULL DEFAULT '';
UPDATE vehicle v SET failures = COALESCE((SELECT GROUP_CONCAT(CONCAT(f.code, '=', f.times) ORDER BY f.code SEPARATOR ' ') FROM
    (SELECT p.vehicle_id, p.code, COUNT(*) AS times FROM job j JOIN vehicle_position p ON p.id = j.position_id
     WHERE j.state = 'SIGNED' AND j.cause = 'wheel-bearing' GROUP BY p.vehicle_id, p.code) f WHERE f.vehicle_id = v.id), '');

-- The position a job was opened for stays known when the job moves to where its cause was found.
ALTER TABLE job ADD COLUMN complained_of VARCHAR(20) NOT NULL DEFAULT '';
UPDATE job j JOIN vehicle_position p ON p.id = j.position_id SET j.complained_of = p.code;
