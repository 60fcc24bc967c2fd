// Files on their way in by resumable uploads: they belong to no Change until they are taken in.

export const name = '000008_uploads'

export const sql = `
CREATE TABLE upload (
  id uuid PRIMARY KEY,
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  blob_id uuid NOT NULL REFERENCES blob ON DELETE CASCADE,
  name text NOT NULL,
  size bigint NOT NULL,
  received bigint NOT NULL DEFAULT 0,
  metadata jsonb NOT NULL,
  created_at timestamptz NOT NULL
);
CREATE INDEX upload_plan ON upload (plan_id, created_at);
CREATE INDEX upload_blob ON upload (blob_id);
-- To see before an upload whether the same bytes may be there already.
CREATE INDEX document_size ON document (plan_id, size) WHERE trashed_at IS NULL;
`
