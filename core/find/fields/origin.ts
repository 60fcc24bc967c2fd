// By which way a document came in.

import type { Origin } from '../../rows/index'
import { ORIGINS } from '../../rows/index'
import { valuesFacet } from './facet'
import { isOneOf, labelled, valuesField } from './valuesField'

export const ORIGIN_NAMES: Readonly<Record<Origin, string>> = {
  upload: 'Upload',
  memo: 'Memo',
  link: 'Link',
  paste: 'Pasted',
  share: 'Shared',
  scan: 'Scanner',
  mail: 'Mail',
  colleague: 'Handed over',
  drop: 'Arrivals folder',
  copy: 'Copy',
}

export const originField = valuesField({
  key: 'origin',
  name: 'Way in',
  values: ORIGINS,
  labels: ORIGIN_NAMES,
  head: 'came by',
  what: 'way in',
  begins: ['mail'],
  has: ({ origin }: { readonly origin: Origin }, value) => origin === value,
  columns: { origin: 's.origin' },
  compile: (anyOf, { bind }) => `s.origin = ANY(${bind(anyOf)}::text[])`,
  facet: valuesFacet({
    key: 'origins',
    name: 'Way in',
    order: 80,
    relaxed: 'whichever way it came',
    param: 'ways',
    isValue: isOneOf(ORIGINS),
    rule: anyOf => ({ kind: 'origin', anyOf }),
    count: { by: 'value', alias: 'origin', select: () => 's.origin' },
    values: labelled(ORIGINS, ORIGIN_NAMES),
  }),
})
