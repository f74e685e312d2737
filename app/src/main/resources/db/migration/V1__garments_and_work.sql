CREATE TABLE garment (
  id             uuid PRIMARY KEY,
  version        integer     NOT NULL CHECK (version >= 1),
  name           text        NOT NULL,
  state          text        NOT NULL CHECK (state IN ('OPEN', 'DELETED')),
  format_version integer     NOT NULL,
  document       jsonb       NOT NULL,
  changed_at     timestamptz NOT NULL
);

-- Append-only: every document a garment ever had, with what led to it.
CREATE TABLE garment_version (
  garment_id uuid        NOT NULL REFERENCES garment (id),
  version    integer     NOT NULL,
  document   jsonb       NOT NULL,
  change     jsonb       NOT NULL,
  label      text        NOT NULL,
  made_at    timestamptz NOT NULL,
  PRIMARY KEY (garment_id, version)
);

-- A seam at the bench, with the plan it is worked by.
CREATE TABLE work (
  id              uuid PRIMARY KEY,
  garment_id      uuid        NOT NULL REFERENCES garment (id),
  seam            text        NOT NULL,
  garment_version integer     NOT NULL,
  plan            jsonb       NOT NULL,
  started_at      timestamptz NOT NULL
);
CREATE INDEX work_of_garment ON work (garment_id, seam, started_at);

-- Append-only: what the maker did.
CREATE TABLE work_event (
  work_id uuid        NOT NULL REFERENCES work (id),
  seq     integer     NOT NULL CHECK (seq >= 1),
  kind    text        NOT NULL,
  joint   integer     NOT NULL,
  note    text        NOT NULL,
  client  text        NOT NULL,
  at      timestamptz NOT NULL,
  PRIMARY KEY (work_id, seq)
);
