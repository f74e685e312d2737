-- A frozen plan is of a format, and what is asked of it again and again stands beside it.
ALTER TABLE work
  ADD COLUMN plan_format integer NOT NULL DEFAULT 1,
  ADD COLUMN joints      integer NOT NULL DEFAULT 0,
  ADD COLUMN pieces      text[]  NOT NULL DEFAULT '{}',
  ADD COLUMN current     boolean NOT NULL DEFAULT true;

UPDATE work
SET joints = jsonb_array_length(plan -> 'joints'),
    pieces = ARRAY(
      SELECT DISTINCT rail ->> 'piece'
      FROM jsonb_array_elements((plan #> '{plan,a,rails}') || (plan #> '{plan,b,rails}')) AS rail);

-- A seam that was undone is taken anew: its former work is past.
UPDATE work SET current = false WHERE id IN (SELECT work_id FROM work_event WHERE kind = 'UNDONE');

-- Of several works for one seam the one with most events stays in hand; the others keep theirs.
UPDATE work
SET current = false
FROM (
  SELECT id, row_number() OVER (
           PARTITION BY garment_id, seam
           ORDER BY (SELECT count(*) FROM work_event WHERE work_id = work.id) DESC, started_at, id) AS place
  FROM work
  WHERE current) AS ranked
WHERE work.id = ranked.id AND ranked.place > 1;

CREATE UNIQUE INDEX work_current ON work (garment_id, seam) WHERE current;

-- A key that comes again with another body is another request, and refused.
ALTER TABLE garment_version ADD COLUMN request_hash text;
