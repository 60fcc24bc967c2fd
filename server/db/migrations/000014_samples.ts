// The index of words also knows random shares of the documents, so that "more than 10,000" is told from a share of them
// and not from all. The last bits of the ids are random (UUIDv7): an id falls to the share of its lowest bit that is
// set.

export const name = '000014_samples'

export const sql = `
-- 1: a half of all, 2: a quarter, 4: an eighth, and so on to 128; no document belongs to two of them.
CREATE FUNCTION sample_of(id uuid) RETURNS integer LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE AS $$
  SELECT get_byte(uuid_send(id), 15) & -get_byte(uuid_send(id), 15) $$;
DROP INDEX search_row_words;
CREATE INDEX search_row_words ON search_row USING gin (plan_id, sample_of(document_id), words);
`
