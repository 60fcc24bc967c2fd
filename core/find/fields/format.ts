// The exact format, by the extension: ODT, DOCX, PNG …

import { extensionsWhere as extensionsOf } from '../../formats/index'
import type { Clause } from './field'
import { defineField } from './field'
import { valuesFacet } from './facet'
import { valuesOf } from './readClause'
import { list, NoRule } from './readValue'
import type { ValuesRule } from './valuesField'

export type FormatRule = ValuesRule<'format', string>

const FORMATS_SHOWN = 12
const KNOWN = extensionsOf(() => true)

const isExtension = (text: string): text is string => /^[a-z0-9]{1,16}$/.test(text)
const formatName = (extension: string): string => extension.toUpperCase()

export const formatField = defineField<FormatRule, { readonly extension: string }>()({
  key: 'format',
  name: 'Exact format',
  rules: ['format'],
  editor: 'choices',
  choices: {
    all: [...KNOWN].sort().map(value => ({ value, text: formatName(value) })),
    chosen: rule => rule.anyOf,
    make: anyOf => ({ kind: 'format', anyOf }),
  },
  fresh: () => ({ kind: 'format', anyOf: ['pdf'] }),
  isComplete: rule => rule.anyOf.length > 0,
  read: raw => ({ kind: 'format', anyOf: list(raw.anyOf, extension) }),
  parse: (clause: Clause) =>
    clause.head === 'format'
      ? { kind: 'format', anyOf: valuesOf(clause, 'format', value => extensionIn(value.toLowerCase())) }
      : null,
  print: rule => `format ${rule.anyOf.join(' or ')}`,
  matches: (rule, { extension: own }) => rule.anyOf.includes(own),
  columns: { extension: 's.extension' },
  compile: (rule, { bind }) => `s.extension = ANY(${bind(rule.anyOf)}::text[])`,
  facet: valuesFacet({
    key: 'formats',
    name: 'Exact format',
    order: 70,
    relaxed: 'of any format',
    param: 'formats',
    isValue: isExtension,
    rule: anyOf => ({ kind: 'format', anyOf }),
    count: { by: 'value', alias: 'extension', select: () => 's.extension', most: FORMATS_SHOWN },
    values: null,
    labelOf: formatName,
  }),
})

/** ".odt" is "odt". */
function extensionIn(text: string): string | null {
  const bare = text.replace(/^\./, '')
  return isExtension(bare) ? bare : null
}

function extension(value: unknown): string {
  if (typeof value !== 'string' || !isExtension(value)) throw new NoRule('a format is not one')
  return value
}
