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
