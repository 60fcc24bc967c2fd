// Running numbers of documents, folders pinned to the short list, tags.

export const name = '000003_registers'

export const sql = `
ALTER TABLE folder
  ADD COLUMN pinned boolean NOT NULL DEFAULT false,
  ADD COLUMN registering boolean NOT NULL DEFAULT false;
ALTER TABLE document ADD COLUMN running_number text;
CREATE UNIQUE INDEX document_running_number ON document (plan_id, running_number) WHERE running_number IS NOT NULL;

-- The last running number given out under each code. It never goes back, whatever is undone.
CREATE TABLE serial (
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  prefix text NOT NULL,
  last integer NOT NULL,
  PRIMARY KEY (plan_id, prefix)
);

CREATE TABLE tag (
  id uuid PRIMARY KEY,
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  name text NOT NULL,
  folded text NOT NULL,
  meaning_id uuid REFERENCES meaning DEFERRABLE INITIALLY DEFERRED,
  hidden boolean NOT NULL DEFAULT false,
  UNIQUE (plan_id, folded) DEFERRABLE INITIALLY DEFERRED
);
CREATE TABLE tagging (
  id uuid PRIMARY KEY,
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  tag_id uuid NOT NULL REFERENCES tag DEFERRABLE INITIALLY DEFERRED,
  target text NOT NULL,
  target_id uuid NOT NULL,
  UNIQUE (target_id, tag_id) DEFERRABLE INITIALLY DEFERRED
);
CREATE INDEX tagging_tag ON tagging (tag_id);
CREATE INDEX tagging_plan ON tagging (plan_id);
`
