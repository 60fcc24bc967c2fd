// The kind of document as people tell them apart: PDF, table, picture, mail …

import type { TypeGroup } from '../types'
import { isTypeGroup, KNOWN_EXTENSIONS, TYPE_GROUP_NAMES, TYPE_GROUPS, typeGroupOf } from '../types'
import { valuesFacet } from './facet'
import { labelled, valuesField } from './valuesField'

const LABELS = Object.fromEntries(TYPE_GROUP_NAMES.map(group => [group, TYPE_GROUPS[group].name])) as Record<
  TypeGroup,
  string
>

export const typeField = valuesField({
  key: 'type',
  name: 'Type',
  values: TYPE_GROUP_NAMES,
  labels: LABELS,
  head: 'type',
  what: 'type',
  begins: ['pdf'],
  has: ({ extension }: { readonly extension: string }, group) => group === typeGroupOf(extension),
  columns: { extension: 's.extension' },
  compile: (anyOf, { bind }) => {
    const named = anyOf.flatMap((group): readonly string[] => TYPE_GROUPS[group].extensions)
    const inNamed = `s.extension = ANY(${bind(named)}::text[])`
    return anyOf.includes('other') ? `(${inNamed} OR s.extension <> ALL(${bind(KNOWN_EXTENSIONS)}::text[]))` : inNamed
  },
  facet: valuesFacet({
    key: 'types',
    name: 'Type',
    order: 20,
    relaxed: 'of any type',
    param: 'types',
    isValue: isTypeGroup,
    rule: anyOf => ({ kind: 'type', anyOf }),
    count: { by: 'value', alias: 'extension', select: () => 's.extension', of: typeGroupOf },
    values: labelled(TYPE_GROUP_NAMES, LABELS),
  }),
})
