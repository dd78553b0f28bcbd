-- An answer beside the stages watches the facts that filled its boxes, as they stood. Null: kept by an older release.
ALTER TABLE job_answer ADD COLUMN hangs_on MEDIUMTEXT NULL;
