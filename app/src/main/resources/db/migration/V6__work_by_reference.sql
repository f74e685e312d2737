-- What a work is of stands in columns: a line of a board has its board beside it, no longer inside its name.
ALTER TABLE work ADD COLUMN board text;
UPDATE work SET board = split_part(join_id, '/', 1), join_id = split_part(join_id, '/', 2) WHERE join_kind = 'LINE';
ALTER TABLE work
  ADD CONSTRAINT work_kind CHECK (join_kind IN ('SEAM', 'LINE', 'STRIP')),
  ADD CONSTRAINT work_of_line CHECK ((join_kind = 'LINE') = (board IS NOT NULL));

DROP INDEX work_current;
CREATE UNIQUE INDEX work_current ON work (garment_id, join_kind, board, join_id) NULLS NOT DISTINCT WHERE current;
DROP INDEX work_of_garment;
CREATE INDEX work_of_garment ON work (garment_id, join_kind, board, join_id, started_at);

ALTER TABLE work_event
  ADD CONSTRAINT work_event_kind CHECK (kind IN ('JOINT', 'BACK_TO', 'PAUSE', 'RESUME', 'AS_WORKED', 'FINISH', 'UNDONE'));

-- The shelf is read by state, the newest first.
CREATE INDEX garment_on_shelf ON garment (state, changed_at DESC, id);

-- The maker's ways are told as a whole; whoever tells them anew says which they saw.
CREATE TABLE maker_version (
  one     boolean PRIMARY KEY DEFAULT true CHECK (one),
  version integer NOT NULL CHECK (version >= 1)
);
INSERT INTO maker_version (version) VALUES (1);
