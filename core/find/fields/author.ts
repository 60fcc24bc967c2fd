// Who wrote it, as the document itself says.

import { foldedText } from '../../text/index'
import { valuesFacet } from './facet'
import { oneOrAny } from './grouped'
import { textField } from './textField'

// Of thousands of authors, those with the most documents.
const AUTHORS_SHOWN = 30

export const authorField = textField({
  key: 'author',
  name: 'Author',
  property: 'author',
  column: () => 's.author_folded',
  facet: valuesFacet({
    key: 'authors',
    name: 'Author',
    order: 75,
    relaxed: 'by any author',
    param: 'authors',
    // Folded texts hold no commas, so that they can stand in a list.
    isValue: (text): text is string => text !== '' && text === foldedText(text),
    rule: values => oneOrAny(values.map(value => ({ kind: 'text', field: 'author', op: 'is', value }))),
    count: { by: 'value', alias: 'author', select: () => "nullif(s.author, '')", most: AUTHORS_SHOWN },
    values: null,
    chosenFor: foldedText,
    labelOf: author => author,
  }),
  empty: { key: 'author', words: 'no author', text: 'the author' },
})
