// Bytes, and so everything that was read from them, belong to one plan: no plan can learn from another's readings or
// spoil them. What waits to be opened is taken from its table, plan by plan; what is being opened is written down.

export const name = '000017_own_copies'

export const sql = `
ALTER TABLE blob ADD COLUMN plan_id uuid REFERENCES plan ON DELETE CASCADE;
CREATE TEMP TABLE holder ON COMMIT DROP AS
  SELECT DISTINCT blob_id, plan_id FROM (SELECT blob_id, plan_id FROM document UNION ALL SELECT blob_id, plan_id
    FROM version UNION ALL SELECT blob_id, plan_id FROM upload) h;
-- Bytes that only History could bring back.
INSERT INTO holder SELECT DISTINCT (side.row->>'blobId')::uuid, c.plan_id
  FROM change c, json_array_elements(c.rows) r, LATERAL (VALUES (r->'before'), (r->'after')) side(row)
  WHERE r->>'table' IN ('document', 'version') AND side.row->>'blobId' IS NOT NULL
    AND EXISTS (SELECT FROM blob b WHERE b.id = (side.row->>'blobId')::uuid) AND NOT EXISTS (SELECT FROM holder h
      WHERE h.blob_id = (side.row->>'blobId')::uuid AND h.plan_id = c.plan_id);
UPDATE blob b SET plan_id = (SELECT min(h.plan_id::text)::uuid FROM holder h WHERE h.blob_id = b.id);
CREATE TEMP TABLE copied ON COMMIT DROP AS SELECT h.blob_id AS old, h.plan_id, gen_random_uuid() AS new FROM holder h
  JOIN blob b ON b.id = h.blob_id WHERE h.plan_id <> b.plan_id;

ALTER TABLE blob DROP CONSTRAINT blob_sha256_key;
CREATE UNIQUE INDEX blob_content ON blob (plan_id, sha256) INCLUDE (size);
INSERT INTO blob (id, sha256, size, created_at, plan_id) SELECT c.new, b.sha256, b.size, b.created_at, c.plan_id
  FROM copied c JOIN blob b ON b.id = c.old;
INSERT INTO blob_chunk (blob_id, seq, bytes) SELECT c.new, b.seq, b.bytes FROM copied c JOIN blob_chunk b
  ON b.blob_id = c.old;
INSERT INTO reading (blob_id, state, reason, extension, pages, paged, words, changed_at, language, title, author,
  heads, dated_at, reader)
  SELECT c.new, r.state, r.reason, r.extension, r.pages, r.paged, r.words, r.changed_at, r.language, r.title,
    r.author, r.heads, r.dated_at, r.reader FROM copied c JOIN reading r ON r.blob_id = c.old;
INSERT INTO page_text (blob_id, page, body, folded) SELECT c.new, t.page, t.body, t.folded FROM copied c
  JOIN page_text t ON t.blob_id = c.old;
INSERT INTO page_words (blob_id, page, words, confidence) SELECT c.new, w.page, w.words, w.confidence FROM copied c
  JOIN page_words w ON w.blob_id = c.old;
INSERT INTO scan_page (blob_id, page, added_at) SELECT c.new, s.page, s.added_at FROM copied c JOIN scan_page s
  ON s.blob_id = c.old;
INSERT INTO thumbnail (blob_id, state, picture, asked_at) SELECT c.new, t.state, t.picture, t.asked_at FROM copied c
  JOIN thumbnail t ON t.blob_id = c.old;
UPDATE document d SET blob_id = c.new FROM copied c WHERE d.blob_id = c.old AND d.plan_id = c.plan_id;
UPDATE version v SET blob_id = c.new FROM copied c WHERE v.blob_id = c.old AND v.plan_id = c.plan_id;
UPDATE upload u SET blob_id = c.new FROM copied c WHERE u.blob_id = c.old AND u.plan_id = c.plan_id;
DO $$ DECLARE pair record; BEGIN
  FOR pair IN SELECT * FROM copied LOOP
    UPDATE change SET rows = replace(rows::text, pair.old::text, pair.new::text)::json WHERE plan_id = pair.plan_id
      AND rows::text LIKE '%' || pair.old::text || '%';
  END LOOP;
END $$;

-- later: behind what somebody waits for.
ALTER TABLE reading ADD COLUMN plan_id uuid, ADD COLUMN later boolean NOT NULL DEFAULT false;
UPDATE reading r SET plan_id = b.plan_id FROM blob b WHERE b.id = r.blob_id;
DROP INDEX reading_open;
CREATE INDEX reading_waiting ON reading (plan_id, later, changed_at) WHERE state = 'waiting';
CREATE INDEX reading_taken ON reading (changed_at) WHERE state = 'reading';

ALTER TABLE thumbnail ADD COLUMN plan_id uuid, ADD COLUMN taken_at timestamptz;
UPDATE thumbnail t SET plan_id = b.plan_id FROM blob b WHERE b.id = t.blob_id;
CREATE INDEX thumbnail_waiting ON thumbnail (plan_id, asked_at) WHERE state = 'waiting' AND taken_at IS NULL;

ALTER TABLE scan_page ADD COLUMN plan_id uuid, DROP COLUMN tries;
UPDATE scan_page s SET plan_id = b.plan_id, taken_at = NULL FROM blob b WHERE b.id = s.blob_id;
DROP INDEX scan_page_added;
CREATE INDEX scan_page_waiting ON scan_page (plan_id, added_at, page) WHERE taken_at IS NULL;

-- What is opened at this moment, and how often it was begun without coming to an end. purpose: reading, thumbnail,
-- or a page that is recognised or shown.
CREATE TABLE opening (
  blob_id uuid NOT NULL REFERENCES blob ON DELETE CASCADE,
  purpose text NOT NULL,
  tries integer NOT NULL,
  begun_at timestamptz NOT NULL,
  PRIMARY KEY (blob_id, purpose)
);

-- A star belongs to a plan: an id that is somebody else's takes nothing from them.
ALTER TABLE star DROP CONSTRAINT star_pkey, ADD PRIMARY KEY (plan_id, id);
`
