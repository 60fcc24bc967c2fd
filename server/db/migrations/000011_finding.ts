// What searches know beyond names and words: when a document was opened last, which date stands in it, its
// language, title and author, forms of words; kept searches and bundles.

export const name = '000011_finding'

export const sql = `
-- Derived from the row itself (db/sql/derived.ts): texts as searches compare them, and the date in the name, else in
-- the text.
ALTER TABLE document
  ADD COLUMN remark_folded text NOT NULL DEFAULT '',
  ADD COLUMN sender_folded text NOT NULL DEFAULT '',
  ADD COLUMN number_folded text NOT NULL DEFAULT '',
  ADD COLUMN dated_at timestamptz;

-- heads: folded words of the title and of lines that are headings. reader: the version of the readers that read it.
ALTER TABLE reading
  ADD COLUMN language text,
  ADD COLUMN title text NOT NULL DEFAULT '',
  ADD COLUMN author text NOT NULL DEFAULT '',
  ADD COLUMN heads text NOT NULL DEFAULT '',
  ADD COLUMN dated_at timestamptz,
  ADD COLUMN reader integer NOT NULL DEFAULT 0;
CREATE INDEX reading_reader ON reading (reader);

-- The version of what is derived; an older one is brought up to date in the background.
ALTER TABLE plan ADD COLUMN derived integer NOT NULL DEFAULT 0;
ALTER TABLE plan ALTER derived SET DEFAULT 1;
CREATE INDEX document_added ON document (plan_id, created_at DESC, id DESC) WHERE trashed_at IS NULL;

CREATE TABLE visit (
  document_id uuid PRIMARY KEY REFERENCES document ON DELETE CASCADE,
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  at timestamptz NOT NULL,
  count integer NOT NULL DEFAULT 1
);
CREATE INDEX visit_plan ON visit (plan_id, at DESC);

-- Words inside documents, to forgive typing errors by. docs stops counting where a word is known to be no slip.
CREATE TABLE text_word (
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  word text COLLATE "C" NOT NULL,
  docs integer NOT NULL DEFAULT 1,
  PRIMARY KEY (plan_id, word)
);

CREATE TABLE kept_search (
  id uuid PRIMARY KEY,
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  name text NOT NULL,
  query jsonb NOT NULL,
  -- Where it is shown inside the plan; null: not there.
  folder_id uuid REFERENCES folder DEFERRABLE INITIALLY DEFERRED,
  pinned boolean NOT NULL,
  desk boolean NOT NULL,
  created_at timestamptz NOT NULL
);
CREATE INDEX kept_search_plan ON kept_search (plan_id);

CREATE TABLE bundle (
  id uuid PRIMARY KEY,
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  name text NOT NULL,
  note text NOT NULL,
  done boolean NOT NULL,
  created_at timestamptz NOT NULL
);
CREATE INDEX bundle_plan ON bundle (plan_id);
CREATE TABLE bundle_item (
  id uuid PRIMARY KEY,
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  bundle_id uuid NOT NULL REFERENCES bundle DEFERRABLE INITIALLY DEFERRED,
  document_id uuid NOT NULL REFERENCES document DEFERRABLE INITIALLY DEFERRED,
  order_key text COLLATE "C" NOT NULL,
  UNIQUE (bundle_id, document_id) DEFERRABLE INITIALLY DEFERRED
);
CREATE INDEX bundle_item_document ON bundle_item (document_id);

CREATE TABLE recent_search (
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  query jsonb NOT NULL,
  text text NOT NULL,
  at timestamptz NOT NULL,
  PRIMARY KEY (plan_id, text)
);
-- Plans that are there get the searches that a new plan begins with.
INSERT INTO kept_search (id, plan_id, name, query, pinned, desk, created_at)
  SELECT gen_random_uuid(), p.id, s.name, s.query, false, true, now() FROM plan p, (VALUES
  ('Changed this week', '{"when":"changed","last":"7-day","sort":"changed"}'::jsonb),
  ('Largest', '{"rule":"{\\"kind\\":\\"all\\",\\"rules\\":[{\\"kind\\":\\"size\\",\\"from\\":1000000,'
      '\\"before\\":null}]}","sort":"size"}'::jsonb),
  ('No place for more than a week',
    '{"places":"in-tray","rule":"{\\"kind\\":\\"all\\",\\"rules\\":[{\\"kind\\":\\"none\\",'
        '\\"rules\\":[{\\"kind\\":\\"recent\\",\\"field\\":\\"added\\",\\"count\\":7,'
        '\\"unit\\":\\"day\\"}]}]}"}'::jsonb),
  ('Same bytes twice', '{"rule":"{\\"kind\\":\\"all\\",\\"rules\\":[{\\"kind\\":\\"twin\\"}]}","sort":"name"}'::jsonb),
  ('Starred, not opened for a month',
    '{"star":"yes","rule":"{\\"kind\\":\\"all\\",\\"rules\\":[{\\"kind\\":\\"none\\",'
        '\\"rules\\":[{\\"kind\\":\\"recent\\",\\"field\\":\\"opened\\",\\"count\\":1,'
        '\\"unit\\":\\"month\\"}]}]}"}'::jsonb),
  ('Scans without text', '{"types":"picture,pdf","rule":"{\\"kind\\":\\"all\\",'
      '\\"rules\\":[{\\"kind\\":\\"reading\\",\\"anyOf\\":[\\"wordless\\"]}]}"}'::jsonb)) AS s(name, query);

-- Words of names by any part of them.
CREATE EXTENSION IF NOT EXISTS pg_trgm;
CREATE INDEX name_word_middle ON name_word USING gin (plan_id, word gin_trgm_ops);
`
