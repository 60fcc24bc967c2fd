// What was done is stored as a message, a key with values, beside its words: entries from before have their words
// alone.

export const name = '000022_change_messages'

export const sql = `
ALTER TABLE change ADD COLUMN message jsonb;
`
