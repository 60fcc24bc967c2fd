// Typed words looked for only where whoever reads a document sees them: in its name and inside.

import { parseQuery } from './parse'
import type { Rule } from './rule'

/**
 * The rules of what is typed, remarks, tags and senders left aside. A word in a name may be a part of one; what is to
 * be left out is passed over, since that would tell what stands in them. Empty: there is no word.
 */
export function shownWords(typed: string): Rule[] {
  const parsed = parseQuery(typed, { typing: true })
  const rules = parsed.kind === 'all' ? parsed.rules.filter(({ kind }) => kind !== 'none') : [parsed]
  // The word leads to candidates through the index, wherever it stands; phrases look nowhere else by themselves.
  return rules.flatMap(rule => (rule.kind === 'word' ? [rule, whereShown(rule.text)] : [rule]))
}

/** Most documents have nothing else that a word could stand in: of those nothing more is looked at. */
const NOTHING_ELSE: Rule = {
  kind: 'all',
  rules: [
    { kind: 'empty', field: 'remark' },
    { kind: 'empty', field: 'sender' },
    { kind: 'empty', field: 'tags' },
  ],
}

const whereShown = (text: string): Rule => ({
  kind: 'any',
  rules: [
    NOTHING_ELSE,
    { kind: 'text', field: 'name', op: 'contains', value: text },
    { kind: 'inside', words: [text] },
  ],
})
