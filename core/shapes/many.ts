// Lists of tens of thousands of things, each checked by one plain function: a shape for every item costs a tenth of a
// second for ten thousand of them.

import * as yup from 'yup'
import type { DocumentId, FolderId } from '../ids'
import { UUID_PATTERN } from '../ids'

export const THINGS_LIMIT = 50_000
export const NAME_LIMIT = 2000

export const isId = (value: unknown): boolean => typeof value === 'string' && UUID_PATTERN.test(value)

/** Items in the words of JSON Schema, for the description of the routes. */
interface Described {
  items: object
}

/** `wrong` says what a bad item is; the error names the place of the first one. */
function manyOf<T>(wrong: string, items: object, isOne: (value: unknown) => boolean) {
  return yup
    .array<yup.AnyObject, T>()
    .meta({ items } satisfies Described)
    .max(THINGS_LIMIT)
    .test('items', wrong, function check(list) {
      const at = list?.findIndex(item => !isOne(item)) ?? -1
      return at < 0 || this.createError({ path: `${this.path}[${at}]`, message: wrong })
    })
}

const ID = { type: 'string', format: 'uuid' }
const idList = <Id extends string>() => manyOf<Id>('this is not an id', ID, isId)
export const folderIds = () => idList<FolderId>()
export const documentIds = () => idList<DocumentId>()

export interface Named<Name extends string | null> {
  id: DocumentId
  name: Name
}

const isName = (value: unknown): boolean => typeof value === 'string' && value.length <= NAME_LIMIT
/** Nothing else is taken from an item; a name that was left out is none. */
const withName = (item: unknown): unknown => {
  if (item === null || typeof item !== 'object') return item
  const { id, name = null } = item as { id?: unknown; name?: unknown }
  return { id, name }
}

function namedList<Name extends string | null>(nullable: boolean) {
  const described = {
    type: 'object',
    properties: { id: ID, name: { type: nullable ? ['string', 'null'] : 'string', maxLength: NAME_LIMIT } },
    required: nullable ? ['id'] : ['id', 'name'],
  }
  return manyOf<Named<Name>>(`each is an id with a name of at most ${NAME_LIMIT} characters`, described, item => {
    const { id, name } = (item ?? {}) as { id?: unknown; name?: unknown }
    return isId(id) && (isName(name) || (nullable && name === null))
  }).transform((list: unknown) => (Array.isArray(list) ? list.map(withName) : list))
}

/** Documents with the name that they get. */
export const namedDocuments = () => namedList<string>(false)
/** Documents with the name that they get; null: they keep their own. */
export const documentsToFile = () => namedList<string | null>(true)
