// Typed words looked for only where whoever reads a document sees them: in its name and inside.

import { parseQuery } from './parse'
import type { Rule } from './rule'

/**
 * The rules of what is typed, remarks, tags and senders left aside. A word in a name may be a part of one; what is to
 * be left out is passed over, since that would tell what stands in them. `tags`: the names of all tags of the plan,
 * folded. Empty: there is no word.
 */
export function shownWords(typed: string, tags: readonly string[]): Rule[] {
  const parsed = parseQuery(typed, { typing: true })
  const rules = parsed.kind === 'all' ? parsed.rules.filter(({ kind }) => kind !== 'none') : [parsed]
  // The word leads to candidates through the index, wherever it stands; phrases look nowhere else by themselves.
  return rules.flatMap(rule =>
    rule.kind === 'word' ? [rule, whereShown(rule.text, mayBeIn(rule.text, tags))] : [rule],
  )
}

// Forms of a word begin alike; words of scripts without spaces may stand anywhere.
const ALIKE = 2
const LATIN = /^[a-z\d]+$/

function mayBeIn(word: string, tags: readonly string[]): boolean {
  if (!LATIN.test(word)) return tags.length > 0
  return tags.some(tag => tag.split(' ').some(part => part.startsWith(word.slice(0, ALIKE)) || !LATIN.test(part)))
}

/** Most documents have nothing else that the word could stand in: of those nothing more is looked at. */
const nothingElse = (isTagged: boolean): Rule => ({
  kind: 'all',
  rules: [
    { kind: 'empty', field: 'remark' },
    { kind: 'empty', field: 'sender' },
    ...(isTagged ? [{ kind: 'empty', field: 'tags' } as const] : []),
  ],
})

const whereShown = (text: string, isTagged: boolean): Rule => ({
  kind: 'any',
  rules: [
    nothingElse(isTagged),
    { kind: 'text', field: 'name', op: 'contains', value: text },
    { kind: 'inside', words: [text] },
  ],
})
