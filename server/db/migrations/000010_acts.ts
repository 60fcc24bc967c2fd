// Who did what when no person did it, and acts that take long, to be stopped before their end.

export const name = '000010_acts'

export const sql = `
ALTER TABLE change ADD COLUMN made_by text NOT NULL DEFAULT 'person';
UPDATE change c SET made_by = 'order' WHERE kind = 'document.file' AND EXISTS (SELECT
  FROM jsonb_array_elements(c.rows) r WHERE r->'after'->>'filedBy' IS NOT NULL);
UPDATE change c SET made_by = 'arrival' WHERE kind = 'document.add' AND EXISTS (SELECT
  FROM jsonb_array_elements(c.rows) r WHERE r->'after'->>'origin' IN ('mail', 'drop', 'colleague'));
-- Acts that take long, while they run. Their own changes are not seen before they end; that they are to stop is.
-- No reference to the plan: the act itself holds its row locked.
CREATE TABLE long_act (
  change_id uuid PRIMARY KEY,
  plan_id uuid NOT NULL,
  stop boolean NOT NULL DEFAULT false,
  began_at timestamptz NOT NULL DEFAULT now()
);
`
