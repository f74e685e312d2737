-- What is worked between faces is a join; seams are the first kind.
ALTER TABLE work RENAME COLUMN seam TO join_id;
ALTER TABLE work ADD COLUMN join_kind text NOT NULL DEFAULT 'SEAM';
ALTER TABLE work ALTER COLUMN join_kind DROP DEFAULT;

DROP INDEX work_current;
CREATE UNIQUE INDEX work_current ON work (garment_id, join_kind, join_id) WHERE current;
DROP INDEX work_of_garment;
CREATE INDEX work_of_garment ON work (garment_id, join_kind, join_id, started_at);
