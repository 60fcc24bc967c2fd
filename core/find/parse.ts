import { wordsOf } from '../text/index'
import type { Rule } from './rule'

export const QUERY_LIMIT = 500

/**
 * What is typed into a find field, as a rule: words (all must be there), "words in quotes" next to
 * each other (one word in quotes: no other forms of it), -word to leave out, wor* for the rest of a word. The last word is taken as a beginning
 * while it is being typed (`typing`). Anything else counts as a space between words.
 */
export function parseQuery(text: string, { typing }: { typing: boolean }): Rule {
  const rules: Rule[] = []
  const without: Rule[] = []
  const pieces = [...text.replace(/[“”„«»]/g, '"').matchAll(/(-?)"([^"]*)"?|(-?)([^\s"]+)/gu)]
  pieces.forEach((piece, index) => {
    const phrase = piece[2]
    const into = (piece[1] ?? '') === '-' || piece[3] === '-' ? without : rules
    if (phrase !== undefined) {
      const words = wordsOf(phrase).map(word => word.text)
      if (words.length > 0) into.push({ kind: 'phrase', words })
      return
    }
    const raw = piece[4] ?? ''
    const words = wordsOf(raw).map(word => word.text)
    const isLast = index === pieces.length - 1 && !/\s$/u.test(text)
    const open = raw.endsWith('*') || (typing && isLast && into === rules)
    if (words.length === 0) return
    if (into === without) { into.push(wordsRule(words, open)); return }
    into.push(...words.map((word, at): Rule => ({ kind: 'word', text: word, prefix: open && at === words.length - 1 })))
  })
  return { kind: 'all', rules: without.length > 0 ? [...rules, { kind: 'none', rules: without }] : rules }
}

function wordsRule(words: readonly string[], prefix = false): Rule {
  const [only] = words
  return words.length === 1 && only !== undefined ? { kind: 'word', text: only, prefix } : { kind: 'phrase', words }
}

/** The words that a hit is marked with: every word and phrase that must be there. */
export function soughtIn(rule: Rule): { text: string; prefix: boolean }[] {
  switch (rule.kind) {
    case 'word': return [{ text: rule.text, prefix: rule.prefix }]
    case 'phrase': return rule.words.map(text => ({ text, prefix: false }))
    case 'all':
    case 'any': return rule.rules.flatMap(soughtIn)
    default: return []
  }
}

/** True when words are only left out and nothing narrows the search: it would list almost everything. */
export function isOnlyWithout(rule: Rule): boolean {
  return rule.kind === 'all' && rule.rules.length > 0 && rule.rules.every(part => part.kind === 'none')
}

