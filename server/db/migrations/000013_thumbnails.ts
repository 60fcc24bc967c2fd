// Small pictures of documents, one for each content, made when somebody first wants to see it.

export const name = '000013_thumbnails'

export const sql = `
-- state: waiting (a job was asked for), made, none (nothing can be shown).
CREATE TABLE thumbnail (
  blob_id uuid PRIMARY KEY REFERENCES blob ON DELETE CASCADE,
  state text NOT NULL,
  picture bytea,
  asked_at timestamptz NOT NULL
);
ALTER TABLE thumbnail ALTER picture SET STORAGE EXTERNAL;
`
