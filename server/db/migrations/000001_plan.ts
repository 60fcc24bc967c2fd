export const name = '000001_plan'

/** Accounts, plans, the rows of a plan, bytes, the journal, and what searches need. */
export const sql = `
CREATE EXTENSION IF NOT EXISTS btree_gin;
CREATE EXTENSION IF NOT EXISTS fuzzystrmatch;
CREATE COLLATION natural_order (provider = icu, locale = 'und-u-kn-true');

CREATE TABLE account (
  id uuid PRIMARY KEY,
  email text NOT NULL UNIQUE,
  password_hash text NOT NULL,
  is_demo boolean NOT NULL DEFAULT false,
  created_at timestamptz NOT NULL
);

CREATE TABLE session (
  token_hash bytea PRIMARY KEY,
  account_id uuid NOT NULL REFERENCES account ON DELETE CASCADE,
  created_at timestamptz NOT NULL,
  expires_at timestamptz NOT NULL
);
CREATE INDEX session_account ON session (account_id);

CREATE TABLE sign_in_attempt (
  email text NOT NULL,
  at timestamptz NOT NULL
);
CREATE INDEX sign_in_attempt_email ON sign_in_attempt (email, at);

CREATE TABLE plan (
  id uuid PRIMARY KEY,
  account_id uuid NOT NULL UNIQUE REFERENCES account ON DELETE CASCADE,
  name text NOT NULL,
  numbering jsonb NOT NULL,
  child_order text NOT NULL,
  revision bigint NOT NULL DEFAULT 0
);

CREATE TABLE meaning (
  id uuid PRIMARY KEY,
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  name text NOT NULL,
  ink text NOT NULL,
  order_key text COLLATE "C" NOT NULL,
  closed boolean NOT NULL
);
CREATE INDEX meaning_plan ON meaning (plan_id);

CREATE TABLE folder (
  id uuid PRIMARY KEY,
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  parent_id uuid REFERENCES folder DEFERRABLE INITIALLY DEFERRED,
  name text NOT NULL,
  folded text NOT NULL,
  order_key text COLLATE "C" NOT NULL,
  number integer,
  numbering jsonb,
  child_order text NOT NULL,
  meaning_id uuid REFERENCES meaning DEFERRABLE INITIALLY DEFERRED,
  purpose text NOT NULL,
  created_at timestamptz NOT NULL,
  changed_at timestamptz NOT NULL DEFAULT now(),
  trashed_at timestamptz,
  trash_root uuid
);
CREATE INDEX folder_plan ON folder (plan_id);
CREATE INDEX folder_parent ON folder (parent_id);
CREATE INDEX folder_trash ON folder (plan_id, trash_root) WHERE trash_root IS NOT NULL;

-- Bytes, stored once for each content. sha256 is null while they are still coming in.
CREATE TABLE blob (
  id uuid PRIMARY KEY,
  sha256 bytea UNIQUE,
  size bigint NOT NULL DEFAULT 0,
  created_at timestamptz NOT NULL
);
CREATE TABLE blob_chunk (
  blob_id uuid NOT NULL REFERENCES blob ON DELETE CASCADE,
  seq integer NOT NULL,
  bytes bytea NOT NULL,
  PRIMARY KEY (blob_id, seq)
);
-- Uncompressed out of line, so that a range is cut without reading the whole chunk.
ALTER TABLE blob_chunk ALTER bytes SET STORAGE EXTERNAL;

CREATE TABLE document (
  id uuid PRIMARY KEY,
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  name text NOT NULL,
  folded text NOT NULL,
  extension text NOT NULL,
  media_type text NOT NULL,
  size bigint NOT NULL,
  blob_id uuid NOT NULL REFERENCES blob DEFERRABLE INITIALLY DEFERRED,
  version integer NOT NULL,
  remark text NOT NULL,
  created_at timestamptz NOT NULL,
  changed_at timestamptz NOT NULL,
  trashed_at timestamptz,
  trash_root uuid
);
CREATE INDEX document_plan ON document (plan_id);
CREATE INDEX document_blob ON document (blob_id);
CREATE INDEX document_trash ON document (plan_id, trash_root) WHERE trash_root IS NOT NULL;

CREATE TABLE version (
  id uuid PRIMARY KEY,
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  document_id uuid NOT NULL REFERENCES document DEFERRABLE INITIALLY DEFERRED,
  number integer NOT NULL,
  blob_id uuid NOT NULL REFERENCES blob DEFERRABLE INITIALLY DEFERRED,
  size bigint NOT NULL,
  media_type text NOT NULL,
  extension text NOT NULL,
  changed_at timestamptz NOT NULL,
  created_at timestamptz NOT NULL,
  UNIQUE (document_id, number) DEFERRABLE INITIALLY DEFERRED
);
CREATE INDEX version_blob ON version (blob_id);

-- Where documents lie. folder_id null is the In-tray; place stands for it by the plan's id, so that
-- every listing is one range of one index. name, extension, changed_at, size and live are copies
-- from the document (db/sql/derived.ts keeps them).
CREATE TABLE placement (
  id uuid PRIMARY KEY,
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  document_id uuid NOT NULL REFERENCES document DEFERRABLE INITIALLY DEFERRED,
  folder_id uuid REFERENCES folder DEFERRABLE INITIALLY DEFERRED,
  home boolean NOT NULL,
  place uuid NOT NULL GENERATED ALWAYS AS (coalesce(folder_id, plan_id)) STORED,
  name text NOT NULL DEFAULT '',
  extension text NOT NULL DEFAULT '',
  changed_at timestamptz NOT NULL DEFAULT now(),
  size bigint NOT NULL DEFAULT 0,
  live boolean NOT NULL DEFAULT true,
  UNIQUE (document_id, place) DEFERRABLE INITIALLY DEFERRED
);
CREATE INDEX placement_name ON placement (place, name COLLATE natural_order, document_id) WHERE live;
CREATE INDEX placement_changed ON placement (place, changed_at, document_id) WHERE live;
CREATE INDEX placement_size ON placement (place, size, document_id) WHERE live;
CREATE INDEX placement_extension ON placement (place, extension, document_id) WHERE live;
CREATE INDEX placement_plan ON placement (plan_id, place) WHERE live;
CREATE INDEX placement_folder ON placement (folder_id);

CREATE TABLE star (
  id uuid PRIMARY KEY,
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  target text NOT NULL,
  created_at timestamptz NOT NULL
);
CREATE INDEX star_plan ON star (plan_id);

CREATE TABLE change (
  id uuid PRIMARY KEY,
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  revision bigint NOT NULL,
  account_id uuid NOT NULL REFERENCES account,
  at timestamptz NOT NULL,
  kind text NOT NULL,
  label text NOT NULL,
  places uuid[] NOT NULL,
  rows jsonb NOT NULL,
  undoes uuid REFERENCES change,
  undone_by uuid REFERENCES change,
  UNIQUE (plan_id, revision)
);

-- What was read from bytes: state, and per page (or part) the text as it stands and as it is searched.
CREATE TABLE reading (
  blob_id uuid PRIMARY KEY REFERENCES blob ON DELETE CASCADE,
  state text NOT NULL,
  reason text,
  extension text NOT NULL,
  pages integer NOT NULL DEFAULT 0,
  paged boolean NOT NULL DEFAULT false,
  words tsvector NOT NULL DEFAULT '',
  changed_at timestamptz NOT NULL
);
CREATE INDEX reading_open ON reading (state) WHERE state IN ('waiting', 'reading');
CREATE TABLE page_text (
  blob_id uuid NOT NULL REFERENCES blob ON DELETE CASCADE,
  page integer NOT NULL,
  body text NOT NULL,
  folded text NOT NULL,
  PRIMARY KEY (blob_id, page)
);

-- Derived from live documents; may be rebuilt at any time. pad makes each row long enough to be
-- compressed and its vector kept apart, so that a scan of hits stays narrow.
CREATE TABLE search_row (
  document_id uuid PRIMARY KEY REFERENCES document ON DELETE CASCADE,
  plan_id uuid NOT NULL,
  changed_at timestamptz NOT NULL,
  words tsvector NOT NULL,
  pad text NOT NULL DEFAULT repeat('x', 2100)
) WITH (toast_tuple_target = 128, fillfactor = 80);
ALTER TABLE search_row ALTER pad SET STORAGE MAIN;
CREATE INDEX search_row_words ON search_row USING gin (plan_id, words);
CREATE INDEX search_row_changed ON search_row (plan_id, changed_at DESC, document_id DESC);

CREATE TABLE name_token (
  plan_id uuid NOT NULL,
  token text COLLATE "C" NOT NULL,
  changed_at timestamptz NOT NULL,
  document_id uuid NOT NULL REFERENCES document ON DELETE CASCADE,
  PRIMARY KEY (plan_id, token, changed_at, document_id)
);
CREATE INDEX name_token_document ON name_token (document_id);
-- Every word that a name of the plan ever held, with its newest document; an empty posting list does no harm.
CREATE TABLE name_word (
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  word text COLLATE "C" NOT NULL,
  newest timestamptz NOT NULL,
  PRIMARY KEY (plan_id, word)
);
`
