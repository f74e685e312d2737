-- What lies before a marker may be told as done in one go.
ALTER TABLE work_event DROP CONSTRAINT work_event_kind;
ALTER TABLE work_event
  ADD CONSTRAINT work_event_kind CHECK (kind IN ('JOINT', 'DONE_TO', 'BACK_TO', 'PAUSE', 'RESUME', 'AS_WORKED', 'FINISH', 'UNDONE'));

-- Rows have numbers of their own now: what was worked by other numbers is not compared by them.
UPDATE work SET worked_as = NULL WHERE join_kind = 'SEAM';
