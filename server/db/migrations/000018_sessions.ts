// Sessions that a person can tell apart and end, attempts by where they come from, accounts that can be locked, and
// what the arrivals folder could not take.

export const name = '000018_sessions'

export const sql = `
ALTER TABLE session ADD COLUMN id uuid NOT NULL DEFAULT gen_random_uuid(), ADD COLUMN agent text NOT NULL DEFAULT '',
  ADD COLUMN seen_at timestamptz NOT NULL DEFAULT now();
CREATE UNIQUE INDEX session_id ON session (id);

DROP TABLE sign_in_attempt;
-- kind: sign-in (one that failed) or account (one that was made).
CREATE TABLE attempt (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  kind text NOT NULL,
  email text NOT NULL,
  address text NOT NULL,
  network text NOT NULL,
  at timestamptz NOT NULL
);
CREATE INDEX attempt_email ON attempt (email, at);
CREATE INDEX attempt_network ON attempt (network, at);
CREATE INDEX attempt_at ON attempt (at);

ALTER TABLE account ADD COLUMN locked_at timestamptz;

-- When the last byte came: what is still coming is never cleared away.
ALTER TABLE upload ADD COLUMN changed_at timestamptz NOT NULL DEFAULT now();

CREATE TABLE laid_aside (
  id uuid PRIMARY KEY,
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  file_name text NOT NULL,
  path text NOT NULL,
  reason text NOT NULL,
  at timestamptz NOT NULL
);
CREATE INDEX laid_aside_plan ON laid_aside (plan_id, at DESC);
`
