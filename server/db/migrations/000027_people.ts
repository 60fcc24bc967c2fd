// People have names and are in groups; a plan, a folder or a document is given to them in a role, and whether they have
// opened it is known.

export const name = '000027_people'

export const sql = `
ALTER TABLE account ADD COLUMN name text NOT NULL DEFAULT '';
-- What somebody did in the plan of another stays in its History when their account goes.
ALTER TABLE change ALTER COLUMN account_id DROP NOT NULL;
ALTER TABLE change DROP CONSTRAINT change_account_id_fkey;
ALTER TABLE change ADD CONSTRAINT change_account_id_fkey FOREIGN KEY (account_id) REFERENCES account ON DELETE SET NULL;
-- The plan of another in which whoever is signed in works for now; null: their own.
ALTER TABLE session ADD COLUMN plan_id uuid REFERENCES plan ON DELETE SET NULL;
ALTER TABLE share_link ADD COLUMN passphrase_hash text;
CREATE TABLE person_group (
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  id uuid NOT NULL,
  name text NOT NULL,
  created_at timestamptz NOT NULL,
  PRIMARY KEY (plan_id, id)
);
-- People are of no plan: a member whose account is gone is in the group no more, whatever the row says.
CREATE TABLE group_member (
  plan_id uuid NOT NULL,
  id uuid NOT NULL,
  group_id uuid NOT NULL,
  person_id uuid NOT NULL,
  PRIMARY KEY (plan_id, id),
  UNIQUE (plan_id, group_id, person_id),
  FOREIGN KEY (plan_id, group_id) REFERENCES person_group ON DELETE CASCADE DEFERRABLE INITIALLY DEFERRED
);
CREATE INDEX group_member_person ON group_member (person_id);
CREATE TABLE access_grant (
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  id uuid NOT NULL,
  target text NOT NULL,
  target_id uuid NOT NULL,
  who text NOT NULL,
  who_id uuid,
  role text NOT NULL,
  until timestamptz,
  note text NOT NULL,
  created_at timestamptz NOT NULL,
  PRIMARY KEY (plan_id, id),
  UNIQUE NULLS NOT DISTINCT (plan_id, target_id, who, who_id, role)
);
-- What somebody has is asked for by whom it was given to.
CREATE INDEX access_grant_who ON access_grant (who_id);
CREATE INDEX access_grant_id ON access_grant (id);
CREATE INDEX access_grant_target ON access_grant (target_id);
CREATE INDEX access_grant_everyone ON access_grant (plan_id) WHERE who = 'everyone';
-- Outlives the grant, as that of links.
CREATE TABLE access_grant_use (
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  grant_id uuid NOT NULL,
  account_id uuid NOT NULL REFERENCES account ON DELETE CASCADE,
  count integer NOT NULL,
  at timestamptz NOT NULL,
  PRIMARY KEY (plan_id, grant_id, account_id)
);
`
