// Known items among real documents: what somebody remembers of one of them is searched for, and judged by where it
// stands in the answer (mean reciprocal rank). Memories are drawn by a fixed seed, without looking at the answers.

import { wordsOf } from '../../core/text/index'
import { seeded } from '../../demo/random'

export interface KnownDocument {
  readonly id: string
  readonly name: string
  readonly extension: string
  readonly group: string
  readonly text: string
  /** Its words with a blank between, before and behind. */
  readonly folded: string
  readonly words: ReadonlySet<string>
}
export interface Memory {
  readonly document: KnownDocument
  readonly q: string
}

const FEW = 5
// What more documents hold is no memory of one of them.
const FIT = 2
const random = seeded(7)

/** How many documents hold each word. */
export function holdersOf(documents: readonly KnownDocument[]): ReadonlyMap<string, number> {
  const holders = new Map<string, number>()
  for (const { words } of documents) for (const word of words) holders.set(word, (holders.get(word) ?? 0) + 1)
  return holders
}

/** Kinds of memory by their names in the report; null: this document has none of the kind. */
export const KINDS: Readonly<
  Record<string, (document: KnownDocument, holders: ReadonlyMap<string, number>) => string | null>
> = {
  'two rarer words': ({ words }, holders) => {
    const rare = [...words].filter(word => /^\p{L}{4,}$/u.test(word) && (holders.get(word) ?? 0) <= FEW)
    return rare.length < 2 ? null : random.some(rare, 2).join(' ')
  },
  'a piece of a sentence': ({ text }) => {
    const lines = text.split('\n').filter(line => (line.match(/\p{L}{3,}/gu)?.length ?? 0) > 6)
    if (lines.length === 0) return null
    const words = random.pick(lines).trim().split(/\s+/)
    if (words.length < 6) return null
    const from = random.int(0, words.length - 6)
    return `"${words
      .slice(from, from + 6)
      .join(' ')
      .replace(/["“”„{}*]/g, ' ')}"`
  },
  'the name with a slip': ({ name }) => {
    const letters = [...name]
    const at = letters.findIndex((letter, index) => index > letters.length / 2 && /\p{L}/u.test(letter))
    return letters.length < 8 || at < 0 ? null : letters.filter((_, index) => index !== at).join('')
  },
  'the beginning of the name': ({ name }) => (name.length < 10 ? null : name.slice(0, Math.ceil(name.length * 0.7))),
}

/** So many documents, each with something to be remembered of it. */
export function memories(documents: readonly KnownDocument[], kind: string, count: number): Memory[] {
  const holders = holdersOf(documents)
  // A name that several have is no memory of one of them.
  const alone = new Map<string, number>()
  for (const { name } of documents) alone.set(name, (alone.get(name) ?? 0) + 1)
  const usable = kind.includes('name') ? documents.filter(({ name }) => alone.get(name) === 1) : documents
  const found: Memory[] = []
  for (const document of random.some([...usable], usable.length)) {
    const q = KINDS[kind]?.(document, holders) ?? null
    if (q !== null && fitting(documents, kind, q) <= FIT) found.push({ document, q })
    if (found.length === count) break
  }
  return found
}

/** How many documents it may be: by the beginning of their names, by a phrase as it stands, by all of its words. */
function fitting(documents: readonly KnownDocument[], kind: string, q: string): number {
  if (kind.includes('name')) return documents.filter(({ name }) => name.startsWith(q)).length
  const words = wordsOf(q).map(({ text }) => text)
  const phrase = ` ${words.join(' ')} `
  return documents.filter(document =>
    q.startsWith('"') ? document.folded.includes(phrase) : words.every(word => document.words.has(word)),
  ).length
}
