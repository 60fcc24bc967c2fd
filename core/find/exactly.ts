import type { Rule } from './rule'
import { formsOf, isSign, wordsOf } from '../text/index'
import { piecesOf } from './parse'
import { isGroup, leavesIn } from './rule'

/**
 * The same search for its words as they were typed, without other forms of them; what is left out stays left out with
 * all its forms.
 */
export function exactly(rule: Rule): Rule {
  if (isGroup(rule)) return rule.kind === 'none' ? rule : { ...rule, rules: rule.rules.map(exactly) }
  return rule.kind === 'word' ? { ...rule, exact: true } : rule
}

/** Whether it also finds other forms of its words. */
export function findsForms(rule: Rule): boolean {
  return leavesIn(rule).some(leaf => leaf.kind === 'word' && !leaf.exact && formsOf(leaf.text, null).length > 0)
}

/** What is typed, with each word in quotes, which finds it alone; beginnings and what is left out stay as they are. */
export function quotedWords(text: string): string {
  return piecesOf(text)
    .map(({ from, to, phrase, isWithout, inside }) =>
      phrase || isWithout || inside.endsWith('*') ? text.slice(from, to) : quotedEach(inside),
    )
    .join(' ')
}

/** "north-quay" are two words; signs of a script without spaces have no other forms and stay together. */
function quotedEach(inside: string): string {
  const words = wordsOf(inside)
  if (words.some(word => isSign(word.text))) return inside
  return words.map(({ from, to }) => `"${inside.slice(from, to)}"`).join(' ')
}
