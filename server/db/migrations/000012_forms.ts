// Stems lose the mark of their language (core/text/forms): a word is looked up once and not four times. Pairs of
// words come with the next reading, which the new version of the readers asks for in the background; until then a row
// is marked "=old", and phrases in it are looked up by their words. The row that is searched carries what searches are
// narrowed by.

export const name = '000012_forms'

export const sql = `
CREATE FUNCTION pg_temp.plain_forms(words tsvector) RETURNS tsvector LANGUAGE sql AS $$
  SELECT array_to_tsvector(ARRAY(SELECT '=old' UNION SELECT CASE WHEN l ~ '^\\.(en|de|fr|es)\\.' THEN '.' ||
    substr(l, 5) ELSE l END FROM unnest(tsvector_to_array(words)) l))
$$;
UPDATE reading SET words = pg_temp.plain_forms(words) WHERE words <> '';
UPDATE search_row SET words = pg_temp.plain_forms(words) WHERE words <> '';
INSERT INTO name_token (plan_id, token, changed_at, document_id)
  SELECT plan_id, '.' || substr(token, 5), changed_at, document_id FROM name_token
    WHERE token ~ '^\\.(en|de|fr|es)\\.' ON CONFLICT DO NOTHING;
DELETE FROM name_token WHERE token ~ '^\\.(en|de|fr|es)\\.';
ALTER TABLE plan ALTER derived SET DEFAULT 2;

-- What searches are narrowed by and counted in, beside the words, so that the document need not be fetched for it.
ALTER TABLE search_row
  ADD COLUMN extension text NOT NULL DEFAULT '',
  ADD COLUMN origin text NOT NULL DEFAULT '',
  ADD COLUMN size bigint NOT NULL DEFAULT 0,
  ADD COLUMN language text,
  ADD COLUMN meaning_id uuid,
  ADD COLUMN added_at timestamptz NOT NULL DEFAULT now(),
  ADD COLUMN dated_at timestamptz;
ALTER TABLE search_row ALTER extension SET STORAGE PLAIN, ALTER origin SET STORAGE PLAIN,
  ALTER language SET STORAGE PLAIN;
UPDATE search_row s SET extension = d.extension, origin = d.origin, size = d.size, meaning_id = d.meaning_id,
  added_at = d.created_at, dated_at = d.dated_at,
  language = (SELECT r.language FROM reading r WHERE r.blob_id = d.blob_id) FROM document d WHERE d.id = s.document_id;
`
