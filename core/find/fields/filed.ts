// In how many folders a document is filed.

import type { Placed } from './place'
import { FOLDER_IDS, PLACED } from './place'
import { valuesFacet } from './facet'
import { isOneOf, labelled, valuesField } from './valuesField'

export const FILED = ['none', 'one', 'several'] as const
export type Filed = (typeof FILED)[number]

const LABELS: Record<Filed, string> = { none: 'nowhere yet', one: 'in one folder', several: 'in several folders' }

function filedOf(folders: number): Filed {
  return folders === 0 ? 'none' : folders === 1 ? 'one' : 'several'
}

export const filedField = valuesField({
  key: 'filed',
  name: 'Filed',
  values: FILED,
  labels: LABELS,
  head: 'filed',
  typed: { none: 'nowhere', one: 'once', several: 'several times' },
  what: 'number of folders',
  begins: ['none'],
  has: ({ folderIds }: Placed, value) => value === filedOf(folderIds.length),
  columns: { folderIds: FOLDER_IDS },
  compile: (anyOf, { bind }) => `(SELECT CASE count(*) WHEN 0 THEN 'none' WHEN 1 THEN 'one' ELSE 'several' END
    FROM placement p WHERE ${PLACED} AND p.folder_id IS NOT NULL) = ANY(${bind(anyOf)}::text[])`,
  facet: valuesFacet({
    key: 'filed',
    name: 'Filed',
    order: 60,
    relaxed: 'filed or not',
    param: 'filed',
    isValue: isOneOf(FILED),
    rule: anyOf => ({ kind: 'filed', anyOf }),
    count: {
      by: 'place',
      of: ({ places }) => places.map(({ folderIds, count }) => [filedOf(folderIds.length), count]),
    },
    values: labelled(FILED, LABELS),
  }),
})
