-- A seam may end before its end; the rest of it stays open.
ALTER TABLE work_event
  DROP CONSTRAINT work_event_kind,
  ADD CONSTRAINT work_event_kind CHECK (kind IN ('JOINT', 'DONE_TO', 'BACK_TO', 'PAUSE', 'RESUME', 'AS_WORKED', 'LOOKED', 'FINISH', 'ENDED', 'UNDONE'));
