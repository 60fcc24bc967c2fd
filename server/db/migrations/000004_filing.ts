// Where documents came from, how names are made, and what the suggestions of places look up.

export const name = '000004_filing'

export const sql = `
ALTER TABLE folder ADD COLUMN name_pattern text;
ALTER TABLE document
  ADD COLUMN origin text NOT NULL DEFAULT 'upload',
  ADD COLUMN sender text NOT NULL DEFAULT '',
  ADD COLUMN copied_from uuid;
ALTER TABLE version ADD COLUMN remark text NOT NULL DEFAULT '';
-- A copy from the document, as the other sort keys of placements are.
ALTER TABLE placement ADD COLUMN added_at timestamptz NOT NULL DEFAULT now();
UPDATE placement p SET added_at = d.created_at FROM document d WHERE d.id = p.document_id;
CREATE INDEX placement_added ON placement (place, added_at, document_id) WHERE live;
CREATE INDEX reading_changed ON reading (changed_at);
`
