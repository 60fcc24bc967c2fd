// Contents that only a passphrase opens: what a lock is, which bytes it seals, and the words read from them, sealed
// too.

export const name = '000031_locks'

export const sql = `
CREATE TABLE lock (
  id uuid PRIMARY KEY,
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  folder_id uuid,
  salt bytea NOT NULL,
  public_key bytea NOT NULL,
  private_key bytea NOT NULL,
  created_at timestamptz NOT NULL,
  FOREIGN KEY (plan_id, folder_id) REFERENCES folder (plan_id, id) ON DELETE SET NULL (folder_id)
);
CREATE INDEX lock_plan ON lock (plan_id, folder_id);
ALTER TABLE blob ADD COLUMN lock_id uuid REFERENCES lock DEFERRABLE INITIALLY DEFERRED, ADD COLUMN seal bytea;
CREATE INDEX blob_lock ON blob (lock_id) WHERE lock_id IS NOT NULL;
CREATE TABLE sealed_text (
  blob_id uuid PRIMARY KEY REFERENCES blob ON DELETE CASCADE,
  bytes bytea NOT NULL
);
`
