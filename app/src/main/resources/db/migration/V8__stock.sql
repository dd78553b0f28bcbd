-- What is on the shelf by size and count, and every movement of it.
CREATE TABLE stock_item (
    id       BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
    kind     VARCHAR(20)  NOT NULL,
    name     VARCHAR(80)  NOT NULL,
    size_mm  DOUBLE,
    unit     VARCHAR(10)  NOT NULL,
    quantity DOUBLE       NOT NULL,
    UNIQUE KEY stock_name (kind, name)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE stock_move (
    id       BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
    item_id  BIGINT       NOT NULL,
    moved_at DATETIME(6)  NOT NULL,
    change_by DOUBLE      NOT NULL,
    words    VARCHAR(200) NOT NULL,
    KEY stock_move_item (item_id, id),
    CONSTRAINT stock_move_of FOREIGN KEY (item_id) REFERENCES stock_item (id) ON DELETE CASCADE
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
