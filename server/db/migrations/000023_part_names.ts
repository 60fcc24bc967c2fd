// What the parts of a document are and are called: a hit says in which it stands. They are filled in as documents are
// read again.

export const name = '000023_part_names'

export const sql = `
ALTER TABLE page_text ADD COLUMN kind text NOT NULL DEFAULT 'text', ADD COLUMN name text NOT NULL DEFAULT '';
`
