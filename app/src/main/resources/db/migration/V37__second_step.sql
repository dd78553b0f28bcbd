-- A second step of coming in: what a telephone computes, and the last half minute whose figures were let in.
ALTER TABLE account
    ADD COLUMN second_step VARCHAR(32) NULL,
    ADD COLUMN second_used BIGINT      NOT NULL DEFAULT 0;
