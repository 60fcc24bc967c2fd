// Who wrote a document, as it says itself, beside its words: searched and counted without its reading.

export const name = '000020_author'

export const sql = `
ALTER TABLE search_row ADD COLUMN author text NOT NULL DEFAULT '', ADD COLUMN author_folded text NOT NULL DEFAULT '';
`
