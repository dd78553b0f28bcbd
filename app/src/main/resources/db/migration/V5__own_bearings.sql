-- Bearings of the workshop's own catalogue, beside the shipped tables.
CREATE TABLE own_bearing (
    number_key  VARCHAR(40)  NOT NULL PRIMARY KEY,
    designation VARCHAR(30)  NOT NULL,
    kind        VARCHAR(40)  NOT NULL,
    bore        DOUBLE       NOT NULL,
    outside     DOUBLE       NOT NULL,
    width       DOUBLE       NOT NULL,
    c_n         DOUBLE,
    c0_n        DOUBLE,
    price       DOUBLE,
    shelf       INT          NOT NULL DEFAULT 0
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
