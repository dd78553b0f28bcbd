-- Greases on the shelf by their sheets (their grams are stock), and guns as they were weighed.
CREATE TABLE grease (
    item_id   BIGINT      NOT NULL PRIMARY KEY,
    thickener VARCHAR(8)  NOT NULL,
    nlgi      VARCHAR(4)  NOT NULL,
    oil       VARCHAR(20) NOT NULL,
    nu40      DOUBLE,
    nu100     DOUBLE,
    cold_c    DOUBLE      NOT NULL,
    hot_c     DOUBLE      NOT NULL,
    ep        BOOLEAN     NOT NULL,
    CONSTRAINT grease_item FOREIGN KEY (item_id) REFERENCES stock_item (id) ON DELETE CASCADE
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE grease_gun (
    id         BIGINT      NOT NULL AUTO_INCREMENT PRIMARY KEY,
    name       VARCHAR(60) NOT NULL,
    stroke_g   DOUBLE      NOT NULL,
    weighed_on DATE        NOT NULL,
    UNIQUE KEY gun_name (name)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
