// What an act on ten thousand documents writes, made less: places are no longer kept in order of size and of type too
// (such a register is sorted when it is asked for), and the rows of a Change are kept as the text they came as.

export const name = '000016_lighter'

export const sql = `
DROP INDEX placement_size, placement_extension;
ALTER TABLE change ALTER COLUMN rows TYPE json USING rows::json;
`
