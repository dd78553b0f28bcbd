-- One row: how this workshop writes and what it prefers.
CREATE TABLE workshop (
    id             BIGINT       NOT NULL PRIMARY KEY,
    version        INT          NOT NULL,
    name           VARCHAR(80)  NOT NULL,
    unit_system    VARCHAR(10)  NOT NULL,
    setting_school VARCHAR(4)   NOT NULL,
    service_school VARCHAR(20)  NOT NULL,
    set_up         BOOLEAN      NOT NULL
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

INSERT INTO workshop (id, version, name, unit_system, setting_school, service_school, set_up)
VALUES (1, 0, 'Workshop', 'METRIC', 'A', 'yearly', FALSE);
