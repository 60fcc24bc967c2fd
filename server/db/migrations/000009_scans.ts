// Pages that are pictures: the list of those whose text is still to be recognised, where their words stand,
// and pages of the scanner that are no document yet.

export const name = '000009_scans'

export const sql = `
CREATE TABLE scan_page (
  blob_id uuid NOT NULL REFERENCES blob ON DELETE CASCADE,
  page integer NOT NULL,
  added_at timestamptz NOT NULL DEFAULT now(),
  taken_at timestamptz,
  tries integer NOT NULL DEFAULT 0,
  PRIMARY KEY (blob_id, page)
);
CREATE INDEX scan_page_added ON scan_page (added_at);
-- Words of recognised pages with their boxes; page_text holds their text as that of any page.
CREATE TABLE page_words (
  blob_id uuid NOT NULL REFERENCES blob ON DELETE CASCADE,
  page integer NOT NULL,
  words jsonb NOT NULL,
  confidence real NOT NULL,
  PRIMARY KEY (blob_id, page)
);
-- A setting, no part of Changes. languages null: as the plan mostly holds.
ALTER TABLE plan ADD COLUMN recognising boolean NOT NULL DEFAULT true, ADD COLUMN recognise_languages text[];

CREATE TABLE scanned (
  id uuid PRIMARY KEY,
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  created_at timestamptz NOT NULL DEFAULT now(),
  picture bytea NOT NULL,
  width integer NOT NULL,
  height integer NOT NULL,
  edits jsonb NOT NULL,
  -- What was recognised of it, with the edits that were made then.
  seen jsonb,
  seen_edits jsonb
);
CREATE INDEX scanned_plan ON scanned (plan_id, created_at);
`
