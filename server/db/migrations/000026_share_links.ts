// Links by which people without an account read a folder or a document, and how often each was opened.

export const name = '000026_share_links'

export const sql = `
CREATE TABLE share_link (
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  id uuid NOT NULL,
  target text NOT NULL,
  target_id uuid NOT NULL,
  secret_hash text NOT NULL UNIQUE,
  until timestamptz,
  note text NOT NULL,
  created_at timestamptz NOT NULL,
  PRIMARY KEY (plan_id, id)
);
-- Outlives the link, so that Undo of its end has the numbers again.
CREATE TABLE share_link_use (
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  link_id uuid NOT NULL,
  count integer NOT NULL,
  at timestamptz NOT NULL,
  PRIMARY KEY (plan_id, link_id)
);
`
