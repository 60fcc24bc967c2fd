// Words inside only: exactly these, next to each other on one page, whatever the document is called.

import type { Sql, Steps } from './field'
import { defineField, wholeOf } from './field'
import { NoClause } from './readClause'
import { list, word } from './readValue'
import { holdsPhrase, PAGES, pairsCondition, phraseOf } from './words'

export interface InsideRule {
  readonly kind: 'inside'
  /** Folded. */
  readonly words: readonly string[]
}

export const insideField = defineField<InsideRule, { readonly pages: readonly string[] }>()({
  key: 'inside',
  name: 'Words inside only',
  rules: ['inside'],
  editor: 'words',
  fresh: () => ({ kind: 'inside', words: [] }),
  isComplete: rule => rule.words.length > 0,
  read: raw => ({ kind: 'inside', words: list(raw.words, word) }),
  parse: ({ head, rest }) => {
    if (head !== 'text') return null
    const words = phraseOf(rest)
    if (words.length === 0) throw new NoClause('say which words stand inside: {text …}')
    return { kind: 'inside', words }
  },
  print: rule => `text ${rule.words.join(' ')}`,
  matches: (rule, { pages }) => pages.some(page => holdsPhrase(page, rule.words)),
  columns: { pages: PAGES },
  compile: (rule, sql) => wholeOf(steps(rule, sql), sql),
  looksInside: () => true,
  steps,
})

function steps({ words }: InsideRule, sql: Sql): Steps {
  return {
    found: pairsCondition(words, sql),
    check: ({ bind, d, pageText }) => `EXISTS (SELECT FROM ${pageText} t WHERE t.blob_id = ${d}.blob_id
      AND t.folded LIKE ${bind(`% ${words.join(' ')} %`)})`,
  }
}
