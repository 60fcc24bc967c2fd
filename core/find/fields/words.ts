// Words and phrases, wherever they stand: in the name, remark, sender, tags or text.

import { entriesOf, formsOf, pairsOf, wordsOf } from '../../text/index'
import type { Language } from '../../text/index'
import type { Sql, Steps } from './field'
import { defineField, wholeOf } from './field'
import { list, word } from './readValue'

export type WordsRule =
  /**
   * A word, or another form of it; with `prefix`, the beginning of one; with `exact`, no other forms. `text` is folded.
   */
  | { readonly kind: 'word'; readonly text: string; readonly prefix: boolean; readonly exact?: true }
  /** Exactly these words next to each other, in the name or on one page; folded. */
  | { readonly kind: 'phrase'; readonly words: readonly string[] }

/** Texts are words with one space between (core/text). */
export interface Words {
  /** The name, with the running number before it. */
  readonly folded: string
  readonly remark: string
  readonly sender: string
  /** The names of its tags. */
  readonly tagWords: string
  readonly pages: readonly string[]
  readonly language: Language | null
}

/** All pages of the document `d`, the first one first. */
export const PAGES =
  "(SELECT coalesce(json_agg(t.folded ORDER BY t.page), '[]') FROM page_text t WHERE t.blob_id = d.blob_id)"

export const wordsField = defineField<WordsRule, Words>()({
  key: 'word',
  name: 'Words',
  rules: ['word', 'phrase'],
  editor: 'words',
  fresh: () => ({ kind: 'phrase', words: [] }),
  isComplete: rule => rule.kind === 'word' || rule.words.length > 0,
  read: raw =>
    raw.kind === 'word'
      ? { kind: 'word', text: word(raw.text), prefix: raw.prefix === true }
      : { kind: 'phrase', words: list(raw.words, word) },
  parse: () => null, // words stand outside of braces
  print: rule => (rule.kind === 'word' ? `${rule.text}${rule.prefix ? '*' : ''}` : `"${rule.words.join(' ')}"`),
  matches: (rule, document) =>
    rule.kind === 'word'
      ? holdsWord(document, rule)
      : [document.folded, ...document.pages].some(text => holdsPhrase(text, rule.words)),
  columns: {
    folded: 'd.folded',
    remark: 'd.remark_folded',
    sender: 'd.sender_folded',
    tagWords: `coalesce((SELECT string_agg(t.folded, ' ') FROM tagging g JOIN tag t ON t.id = g.tag_id
      AND t.plan_id = g.plan_id WHERE g.target_id = d.id AND g.plan_id = d.plan_id), '')`,
    pages: PAGES,
    language: 's.language',
  },
  compile: (rule, sql) => {
    if (rule.kind === 'word') return sql.hasWords(wordQuery(rule))
    return wholeOf(phraseSteps(rule.words, sql), sql)
  },
  looksInside: rule => rule.kind === 'phrase',
  steps: (rule, sql) => (rule.kind === 'phrase' ? phraseSteps(rule.words, sql) : null),
})

function holdsWord(document: Words, { text, prefix, exact }: Extract<WordsRule, { kind: 'word' }>): boolean {
  const texts = [document.folded, document.remark, document.sender, document.tagWords, ...document.pages]
  if (texts.some(one => (prefix ? ` ${one}`.includes(` ${text}`) : ` ${one} `.includes(` ${text} `)))) return true
  if (exact) return false
  const wanted = new Set(formsOf(text, null))
  const isForm = (other: string) => formsOf(other, document.language).some(form => wanted.has(form))
  return wanted.size > 0 && texts.some(one => one.split(' ').some(isForm))
}

export function holdsPhrase(text: string, words: readonly string[]): boolean {
  return ` ${text} `.includes(` ${words.join(' ')} `)
}

/** The words of a text that a person types as a phrase. */
export const phraseOf = (text: string): readonly string[] => wordsOf(text).map(found => found.text)

export function wordQuery({ text, prefix, exact }: Extract<WordsRule, { kind: 'word' }>): string {
  if (exact) return lexeme(text, prefix)
  const entries = prefix
    ? [lexeme(text, true), ...formsOf(text, null).map(form => lexeme(form, false))]
    : entriesOf(text).map(entry => lexeme(entry, false))
  return entries.length === 1 ? entries.join('') : `(${entries.join(' | ')})`
}

/** Folded words hold letters and digits only; quoting keeps the tsquery sound whatever they are. */
function lexeme(text: string, prefix: boolean): string {
  return `'${text.replace(/['\\]/g, '')}'${prefix ? ':*' : ''}`
}

function phraseSteps(words: readonly string[], sql: Sql): Steps {
  return {
    found: pairsCondition(words, sql),
    check: ({ bind, d, pageText }) => {
      const phrase = bind(`% ${words.join(' ')} %`)
      return `(' ' || ${d}.folded || ' ' LIKE ${phrase} OR EXISTS (SELECT FROM ${pageText} t
        WHERE t.blob_id = ${d}.blob_id AND t.folded LIKE ${phrase}))`
    },
  }
}

// Rows that were written before pairs were known carry this entry until their documents are read again.
const WITHOUT_PAIRS = '=old'

/** Documents with the entries of all pairs of the words, which a few others have by chance. */
export function pairsCondition(words: readonly string[], { hasWords }: Sql): string {
  const each = words.map(text => lexeme(text, false)).join(' & ')
  if (words.length < 2) return hasWords(each)
  const pairs = [...new Set(pairsOf(words))].map(pair => lexeme(pair, false)).join(' & ')
  // Two questions and not one: in one, the index would go through the words for each document that has the pairs.
  return `(${hasWords(pairs)} OR ${hasWords(`${lexeme(WITHOUT_PAIRS, false)} & ${each}`)})`
}
