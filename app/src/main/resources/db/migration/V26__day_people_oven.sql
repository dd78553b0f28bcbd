-- Who is there and when, and what the oven is like.
ALTER TABLE day_setup
    ADD COLUMN oven_litres DOUBLE       NOT NULL DEFAULT 40,
    ADD COLUMN oven_warms  DOUBLE       NOT NULL DEFAULT 15,
    ADD COLUMN oven_fan    BOOLEAN      NOT NULL DEFAULT FALSE,
    ADD COLUMN people      VARCHAR(600) NOT NULL DEFAULT '';
