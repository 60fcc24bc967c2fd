// Whether a name is taken in a folder is asked of this index: the folder's other names need not be read for it.

export const name = '000024_namesakes'

export const sql = `
CREATE INDEX document_folded ON document (plan_id, folded text_pattern_ops) WHERE trashed_at IS NULL;
`
