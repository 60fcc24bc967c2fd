// The story of each folder and document, and for how long the Trash keeps.

export const name = '000005_stories'

export const sql = `
-- What a Change wrote, to find the Changes of one thing.
ALTER TABLE change ADD COLUMN things uuid[] NOT NULL DEFAULT '{}';
UPDATE change c SET things = ARRAY(SELECT DISTINCT coalesce(r->'after'->>'documentId', r->'before'->>'documentId',
  r->'after'->>'targetId', r->'before'->>'targetId', r->>'id')::uuid FROM jsonb_array_elements(c.rows) r
  WHERE r->>'table' IN ('folder', 'document', 'version', 'placement', 'tagging', 'star'));
CREATE INDEX change_things ON change USING gin (things);
CREATE INDEX change_places ON change USING gin (places);
-- Days after which what lies in the Trash is deleted for good; null: never.
ALTER TABLE plan ADD COLUMN trash_days integer DEFAULT 60;
`
