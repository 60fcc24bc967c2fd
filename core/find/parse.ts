import { isSign, wordsOf } from '../text/index'
import type { Rule } from './rule'

export const QUERY_LIMIT = 500

/**
 * What is typed into a find field, as a rule: words (all must be there), "words in quotes" next to
 * each other (one word in quotes: no other forms of it), -word to leave out, wor* for the rest of a word. The last word
 * is taken as a beginning while it is being typed (`typing`). Anything else counts as a space between words.
 */
export function parseQuery(text: string, { typing }: { typing: boolean }): Rule {
  const rules: Rule[] = []
  const without: Rule[] = []
  const pieces = piecesOf(text)
  pieces.forEach(({ phrase, isWithout, inside }, index) => {
    const into = isWithout ? without : rules
    const words = wordsOf(inside).map(word => word.text)
    if (words.length === 0) return
    if (phrase) {
      into.push({ kind: 'phrase', words })
      return
    }
    const isLast = index === pieces.length - 1 && !/\s$/u.test(text)
    const open = inside.endsWith('*') || (typing && isLast && !isWithout)
    if (isWithout) {
      into.push(wordsRule(words, open))
      return
    }
    into.push(...rulesAsTyped(inside, open))
  })
  return { kind: 'all', rules: without.length > 0 ? [...rules, { kind: 'none', rules: without }] : rules }
}

/** A piece of what is typed, between spaces or quotes. */
export interface Piece {
  /** Where it stands, in UTF-16 units: first and one past the last, with quotes and minus. */
  readonly from: number
  readonly to: number
  readonly phrase: boolean
  readonly isWithout: boolean
  /** What is in quotes, or the word as it is typed. */
  readonly inside: string
}

export function piecesOf(text: string): Piece[] {
  return [...text.replace(/[“”„«»]/g, '"').matchAll(/(-?)"([^"]*)"?|(-?)([^\s"]+)/gu)].map(piece => ({
    from: piece.index,
    to: piece.index + piece[0].length,
    phrase: piece[2] !== undefined,
    isWithout: piece[1] === '-' || piece[3] === '-',
    inside: piece[2] ?? piece[4] ?? '',
  }))
}

/** Signs of a script without spaces belong together as they are typed; all else is word by word. */
function rulesAsTyped(inside: string, open: boolean): Rule[] {
  const rules: Rule[] = []
  const words = wordsOf(inside)
  for (let at = 0; at < words.length;) {
    let end = at + 1
    while (
      end < words.length &&
      isSign(words[end]?.text ?? '') &&
      isSign(words[end - 1]?.text ?? '') &&
      words[end]?.from === words[end - 1]?.to
    )
      end++
    const texts = words.slice(at, end).map(({ text }) => text)
    const isOpen = open && end === words.length && !isSign(texts[0] ?? '')
    rules.push(
      texts.length > 1 ? { kind: 'phrase', words: texts } : { kind: 'word', text: texts[0] ?? '', prefix: isOpen },
    )
    at = end
  }
  return rules
}

function wordsRule(words: readonly string[], prefix = false): Rule {
  const [only] = words
  return words.length === 1 && only !== undefined ? { kind: 'word', text: only, prefix } : { kind: 'phrase', words }
}

/** The words that a hit is marked with: every word and phrase that must be there. */
export function termsIn(rule: Rule): { text: string; prefix: boolean }[] {
  switch (rule.kind) {
    case 'word':
      return [{ text: rule.text, prefix: rule.prefix }]
    case 'phrase':
      return rule.words.map(text => ({ text, prefix: false }))
    case 'all':
    case 'any':
      return rule.rules.flatMap(termsIn)
    default:
      return []
  }
}

/** True when words are only left out and nothing narrows the search: it would list almost everything. */
export function isOnlyWithout(rule: Rule): boolean {
  return rule.kind === 'all' && rule.rules.length > 0 && rule.rules.every(part => part.kind === 'none')
}
