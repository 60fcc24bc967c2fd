// In which language its text is written; null where too little of it tells.

import type { Language } from '../../text/index'
import { languageName, LANGUAGES } from '../../text/index'
import type { FieldRule, Grouped } from './grouped'
import { oneOrAny } from './grouped'
import { valuesFacet } from './facet'
import { isOneOf, labelled, valuesField } from './valuesField'

// every language has its name
export const LANGUAGE_NAMES = Object.fromEntries(LANGUAGES.map(one => [one, languageName(one)])) as Record<
  Language,
  string
>

export const languageField = valuesField({
  key: 'language',
  name: 'Language',
  values: LANGUAGES,
  labels: LANGUAGE_NAMES,
  head: 'language',
  typed: LANGUAGE_NAMES,
  what: 'language',
  begins: ['en'],
  has: ({ language }: { readonly language: Language | null }, value) => language === value,
  columns: { language: 's.language' },
  compile: (anyOf, { bind }) => `(s.language IS NOT NULL AND s.language = ANY(${bind(anyOf)}::text[]))`,
  facet: valuesFacet({
    key: 'languages',
    name: 'Language',
    order: 95,
    relaxed: 'in any language',
    param: 'languages',
    isValue: isOneOf([...LANGUAGES, 'none'] as const),
    rule: values => {
      const anyOf = values.filter(value => value !== 'none')
      const none: Grouped<FieldRule>[] = values.includes('none') ? [NOT_KNOWN] : []
      return oneOrAny([...(anyOf.length === 0 ? [] : [{ kind: 'language', anyOf }]), ...none])
    },
    count: { by: 'value', alias: 'language', select: () => "coalesce(s.language, 'none')" },
    values: [...labelled(LANGUAGES, LANGUAGE_NAMES), { value: 'none', text: 'not known' }],
  }),
  empty: {
    key: 'language',
    words: 'no language',
    text: 'the language (not known)',
    matches: ({ language }: { readonly language: Language | null }) => language === null,
    compile: () => 's.language IS NULL',
  },
})

const NOT_KNOWN = { kind: 'empty', field: 'language' } as const
