// What people would like to be given, by an address that they have.

export const name = '000029_access_requests'

export const sql = `
CREATE TABLE access_request (
  id uuid PRIMARY KEY,
  account_id uuid NOT NULL REFERENCES account ON DELETE CASCADE,
  -- As the address has it: of a grant, a folder, a document or a plan, or of nothing.
  wanted_id uuid NOT NULL,
  note text NOT NULL,
  created_at timestamptz NOT NULL,
  -- Null where nothing has that id: whoever requests it is answered the same.
  plan_id uuid REFERENCES plan ON DELETE CASCADE,
  target text,
  target_id uuid,
  answered_at timestamptz,
  UNIQUE (account_id, wanted_id)
);
-- An address does not say in which plan its folder is.
CREATE INDEX folder_id ON folder (id);
CREATE INDEX access_request_open ON access_request (plan_id, created_at) WHERE answered_at IS NULL;
`
