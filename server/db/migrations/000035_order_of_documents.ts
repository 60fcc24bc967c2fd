// Documents that are kept first in a folder stand in an order of their own.

export const name = '000035_order_of_documents'

export const sql = `
ALTER TABLE placement ADD COLUMN order_key text COLLATE "C" NOT NULL DEFAULT '';
`
