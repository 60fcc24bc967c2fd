// Things that are offered to somebody to be theirs from then on; a row goes when it is answered or taken back.

export const name = '000032_handovers'

export const sql = `
CREATE TABLE handover (
  id uuid PRIMARY KEY,
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  person_id uuid NOT NULL REFERENCES account ON DELETE CASCADE,
  target text NOT NULL,
  target_id uuid NOT NULL,
  -- What whoever hands it over keeps; null: nothing.
  role text,
  note text NOT NULL,
  created_at timestamptz NOT NULL,
  UNIQUE (plan_id, target_id)
);
CREATE INDEX handover_person ON handover (person_id, created_at);
`
