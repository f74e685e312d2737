ALTER TABLE garment DROP CONSTRAINT garment_state_check;
ALTER TABLE garment ADD CONSTRAINT garment_state_check CHECK (state IN ('OPEN', 'ARCHIVED', 'DELETED'));

-- A version is a change, or takes one back, or does it again; then of_version names it.
ALTER TABLE garment_version
  ADD COLUMN kind        text NOT NULL DEFAULT 'CHANGE' CHECK (kind IN ('CHANGE', 'UNDO', 'REDO')),
  ADD COLUMN of_version  integer,
  ADD COLUMN request_key text;

-- A request that comes a second time is known by its key.
CREATE UNIQUE INDEX garment_version_key ON garment_version (garment_id, request_key) WHERE request_key IS NOT NULL;
