// What people are told by mail, and from whom they want to hear nothing.

export const name = '000030_mail'

export const sql = `
ALTER TABLE account ADD COLUMN mail_news boolean NOT NULL DEFAULT true;
CREATE TABLE mail (
  id uuid PRIMARY KEY,
  account_id uuid NOT NULL REFERENCES account ON DELETE CASCADE,
  subject text NOT NULL,
  body text NOT NULL,
  created_at timestamptz NOT NULL,
  sent_at timestamptz,
  tries integer NOT NULL DEFAULT 0,
  tried_at timestamptz
);
CREATE INDEX mail_waiting ON mail (created_at) WHERE sent_at IS NULL;
CREATE INDEX mail_account ON mail (account_id, created_at);
CREATE TABLE muted_giver (
  account_id uuid NOT NULL REFERENCES account ON DELETE CASCADE,
  giver_id uuid NOT NULL REFERENCES account ON DELETE CASCADE,
  PRIMARY KEY (account_id, giver_id)
);
CREATE INDEX muted_giver_giver ON muted_giver (giver_id);
`
