// How the rows of core/rows lie in the database: column names in snake case, whole numbers as such,
// times as ISO text. Identifiers in statements come from these closed lists only.

import { isoText } from '../../core/find/index'
import type { TableName, Tables } from '../../core/rows/index'

export { isoText }

type Columns = { readonly [T in TableName]: readonly (keyof Tables[T] & string)[] }

export const COLUMNS: Columns = {
  plan: ['id', 'name', 'numbering', 'childOrder', 'trashDays', 'areasOnly'],
  meaning: ['id', 'name', 'ink', 'orderKey', 'closed', 'pattern'],
  folder: [
    'id',
    'parentId',
    'name',
    'folded',
    'orderKey',
    'number',
    'numberFixed',
    'label',
    'numbered',
    'first',
    'pinned',
    'area',
    'registering',
    'numbering',
    'childOrder',
    'meaningId',
    'purpose',
    'remark',
    'namePattern',
    'createdAt',
    'trashedAt',
    'trashRoot',
  ],
  document: [
    'id',
    'name',
    'folded',
    'extension',
    'mediaType',
    'size',
    'blobId',
    'version',
    'remark',
    'meaningId',
    'runningNumber',
    'origin',
    'sender',
    'copiedFrom',
    'partOf',
    'filedBy',
    'createdAt',
    'changedAt',
    'trashedAt',
    'trashRoot',
  ],
  version: [
    'id',
    'documentId',
    'number',
    'blobId',
    'size',
    'mediaType',
    'extension',
    'changedAt',
    'createdAt',
    'remark',
  ],
  placement: ['id', 'documentId', 'folderId', 'home', 'first', 'orderKey'],
  star: ['id', 'target', 'createdAt'],
  tag: ['id', 'name', 'folded', 'meaningId', 'hidden'],
  tagging: ['id', 'tagId', 'target', 'targetId'],
  standing_order: ['id', 'name', 'orderKey', 'active', 'when', 'then'],
  kept_search: ['id', 'name', 'query', 'folderId', 'pinned', 'desk', 'createdAt'],
  bundle: ['id', 'name', 'note', 'done', 'createdAt'],
  bundle_item: ['id', 'bundleId', 'documentId', 'orderKey'],
  share_link: ['id', 'target', 'targetId', 'secretHash', 'passphraseHash', 'until', 'note', 'createdAt'],
  person_group: ['id', 'name', 'createdAt'],
  group_member: ['id', 'groupId', 'personId'],
  access_grant: ['id', 'target', 'targetId', 'who', 'whoId', 'role', 'until', 'note', 'createdAt'],
}

/** What rows of earlier versions, in the journal, do not hold yet. */
export const EARLIER: { readonly [T in TableName]?: Partial<Tables[T]> } = {
  plan: { trashDays: 60, areasOnly: false },
  folder: {
    numberFixed: false,
    label: null,
    numbered: true,
    first: false,
    pinned: false,
    area: false,
    registering: false,
    remark: '',
    namePattern: null,
  },
  document: {
    meaningId: null,
    runningNumber: null,
    origin: 'upload',
    sender: '',
    copiedFrom: null,
    partOf: null,
    filedBy: null,
  },
  version: { remark: '' },
  placement: { first: false, orderKey: '' },
  meaning: { pattern: 'full' },
  share_link: { passphraseHash: null },
}

const TIMES = new Set(['createdAt', 'changedAt', 'trashedAt', 'until'])

export function columnName(key: string): string {
  return NAMES.get(key) ?? snake(key)
}

function snake(key: string): string {
  // Two keys are words of SQL.
  if (key === 'when' || key === 'then') return `order_${key}`
  return key.replace(/[A-Z]/g, letter => `_${letter.toLowerCase()}`)
}

// A Change of ten thousand rows asks for the same few names again and again.
const NAMES: ReadonlyMap<string, string> = new Map(
  Object.values(COLUMNS)
    .flat()
    .map(key => [key, snake(key)]),
)

/** The select list that gives rows in core's shape, from the table under an alias; without the columns of `except`. */
export function selectList(table: TableName, alias: string, except: readonly string[] = []): string {
  return COLUMNS[table]
    .filter(key => !except.includes(key))
    .map(key => `${selected(key, `${alias}.${columnName(key)}`)} AS "${key}"`)
    .join(', ')
}

/** The value of a column as core has it. */
export function selected(key: string, column: string): string {
  if (key === 'size') return `${column}::float8`
  return TIMES.has(key) ? isoText(column) : column
}

/** A row with its keys as column names, ready for jsonb_populate_recordset. */
export function toColumns(row: Readonly<Record<string, unknown>>): Record<string, unknown> {
  const columns: Record<string, unknown> = {}
  for (const key in row) columns[columnName(key)] = row[key]
  return columns
}

/**
 * The condition that a column begins so, as a range that an index in the order of bytes serves. Its texts are folded
 * and do not hold U+FFFF, which stands behind everything that does begin so.
 */
export const prefixRange = (column: string, start: string): string =>
  `${column} >= ${start} AND ${column} < ${start} || U&'\\FFFF'`
