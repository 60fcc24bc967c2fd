// Attachments know their message.

export const name = '000006_messages'

export const sql = `
ALTER TABLE document ADD COLUMN part_of uuid;
CREATE INDEX document_part_of ON document (part_of) WHERE part_of IS NOT NULL;
`
