// Messages to any address, with documents attached; they belong to whoever sends them.

export const name = '000033_mailed_copies'

export const sql = `
ALTER TABLE mail ADD COLUMN to_address text;
ALTER TABLE mail ADD COLUMN files jsonb NOT NULL DEFAULT '[]';
`
