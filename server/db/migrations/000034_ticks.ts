// How many items of the check lists in a text are done. Texts that were read before say it once they are read again,
// which the next start asks for.

export const name = '000034_ticks'

export const sql = `
ALTER TABLE reading ADD COLUMN ticks integer NOT NULL DEFAULT 0, ADD COLUMN ticks_done integer NOT NULL DEFAULT 0;
`
