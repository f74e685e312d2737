-- At any joint of a seam, line or edging it may be worked otherwise than planned: one more was known, the rest is new.
ALTER TABLE work_event
  ADD COLUMN what  text,
  ADD COLUMN side  text,
  ADD COLUMN count integer;
UPDATE work_event SET what = 'ONE_MORE', count = 1 WHERE kind = 'AS_WORKED' AND joint > 0;
ALTER TABLE work_event
  ADD CONSTRAINT work_event_what CHECK (what IN ('ONE_MORE', 'LEFT_OUT', 'TWO_INTO_ONE', 'LEFT_OVER')),
  ADD CONSTRAINT work_event_side CHECK (side IN ('A', 'B')),
  ADD CONSTRAINT work_event_otherwise CHECK (what IS NULL OR kind = 'AS_WORKED' AND count >= 1 AND joint >= 1);

-- It is looked at: what is not right, and how long it has become.
ALTER TABLE work_event DROP CONSTRAINT work_event_kind;
ALTER TABLE work_event
  ADD COLUMN faults text[],
  ADD COLUMN mm     double precision,
  ADD CONSTRAINT work_event_kind CHECK (kind IN ('JOINT', 'DONE_TO', 'BACK_TO', 'PAUSE', 'RESUME', 'AS_WORKED', 'LOOKED', 'FINISH', 'UNDONE')),
  ADD CONSTRAINT work_event_faults CHECK (faults <@ ARRAY['PEEKS', 'NOT_LEVEL', 'GAPS', 'NOT_FLAT']),
  ADD CONSTRAINT work_event_looked CHECK ((kind = 'LOOKED') = (faults IS NOT NULL) AND (mm IS NULL OR kind = 'LOOKED' AND mm > 0));
