// The index of words also knows the week in which a document was changed, so that the newest of a great many hits are
// found among the newest documents only. And more words are counted for the planner, whose guess chooses the way.

export const name = '000015_weeks'

export const sql = `
-- Weeks of seven days from 1970-01-01 UTC.
CREATE FUNCTION week_of(at timestamptz) RETURNS integer LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE AS $$
  SELECT floor(extract(epoch FROM at AT TIME ZONE 'UTC') / 604800)::integer $$;
ALTER TABLE search_row ALTER COLUMN words SET STATISTICS 500;
DROP INDEX search_row_words;
CREATE INDEX search_row_words ON search_row USING gin (plan_id, sample_of(document_id), week_of(changed_at), words);
ANALYZE search_row;
`
