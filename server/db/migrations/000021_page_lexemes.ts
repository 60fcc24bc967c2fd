// On which pages of a long document each word stands, so that its best page is found without looking through them all.
// The positions of a vector are pages; the vectors are cut into buckets by how words begin (core/text/located).

export const name = '000021_page_lexemes'

export const sql = `
CREATE TABLE page_lexeme (
  blob_id uuid NOT NULL REFERENCES blob ON DELETE CASCADE,
  bucket smallint NOT NULL,
  words tsvector NOT NULL,
  PRIMARY KEY (blob_id, bucket)
);
ALTER TABLE reading ADD COLUMN located boolean NOT NULL DEFAULT false;
`
