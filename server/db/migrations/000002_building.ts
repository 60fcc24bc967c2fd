// What building a plan needs beyond the first version: numbers held fixed, left out or written as own
// text, folders kept first, remarks, documents with a meaning of their own, patterns; drafts and skeletons.

export const name = '000002_building'

export const sql = `
ALTER TABLE folder
  ADD COLUMN number_fixed boolean NOT NULL DEFAULT false,
  ADD COLUMN label text,
  ADD COLUMN numbered boolean NOT NULL DEFAULT true,
  ADD COLUMN first boolean NOT NULL DEFAULT false,
  ADD COLUMN remark text NOT NULL DEFAULT '';
ALTER TABLE document ADD COLUMN meaning_id uuid REFERENCES meaning DEFERRABLE INITIALLY DEFERRED;
CREATE INDEX document_meaning ON document (meaning_id) WHERE meaning_id IS NOT NULL;
CREATE INDEX folder_meaning ON folder (meaning_id) WHERE meaning_id IS NOT NULL;
ALTER TABLE meaning ADD COLUMN pattern text NOT NULL DEFAULT 'full';

-- What is written but not applied yet: it belongs to no Change. base is the part of the plan it began from.
CREATE TABLE draft (
  id uuid PRIMARY KEY,
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  name text NOT NULL,
  root_id uuid,
  content jsonb NOT NULL,
  changed_at timestamptz NOT NULL
);
CREATE INDEX draft_plan ON draft (plan_id, changed_at DESC);

-- Branches kept for use again, in the notation of drafts.
CREATE TABLE skeleton (
  id uuid PRIMARY KEY,
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  name text NOT NULL,
  outline text NOT NULL,
  created_at timestamptz NOT NULL
);
CREATE INDEX skeleton_plan ON skeleton (plan_id, name);
`
