// Known items: for documents of the demo plan, what somebody remembers of them is searched for, and where the document
// stands in the answer is judged by the mean reciprocal rank (E. M. Voorhees, TREC-8 question answering track).

import { foldedText, wordsOf } from '../../core/text/index'
import { EMPTY_QUERY } from '../../core/find/index'
import { seeded } from '../../demo/random'
import { rows } from '../../server/db/client'
import type { Actor } from '../../server/services/actor'
import { findDocuments } from '../../server/services/find/findDocuments'

interface Known {
  readonly id: string
  readonly name: string
  readonly text: string
  readonly language: string | null
}
export interface Quality {
  readonly name: string
  readonly mrr: number
  readonly first: number
  readonly count: number
  readonly missed: readonly string[]
}

const EACH = 50
const SHOWN = 30
const [SHORTEST, LOOKED_AT] = [4, 24]
// A query that so many documents fit still tells one of them apart.
const TELLING = 2

/** The demo plan's owner. */
export async function demoActor(): Promise<Actor> {
  const [found] = await rows<Actor>(
    null,
    'SELECT a.id AS "accountId", a.email, p.id AS "planId" FROM account a JOIN plan p ON p.account_id = a.id ' +
      'WHERE a.is_demo',
  )
  if (!found) throw new Error('There is no demo plan.')
  return found
}

/** Mean reciprocal rank for each kind of memory, and for all of them. */
export async function findQuality(actor: Actor): Promise<Quality[]> {
  const random = seeded(23)
  const documents = await rows<Known>(
    null,
    `SELECT d.id, d.name, coalesce(r.language, 'en') AS language, coalesce((SELECT string_agg(t.body, E'\\n'
      ORDER BY t.page) FROM page_text t WHERE t.blob_id = d.blob_id), '') AS text
    FROM document d LEFT JOIN reading r ON r.blob_id = d.blob_id WHERE d.plan_id = $1 AND d.trashed_at IS NULL
      ORDER BY d.name, d.id`,
    [actor.planId],
  )
  const spread = new Map<string, Set<string>>()
  for (const { id, name, text } of documents)
    for (const { text: word } of wordsOf(`${name} ${text}`)) spread.set(word, (spread.get(word) ?? new Set()).add(id))
  const shuffled = random.some(documents, documents.length)
  // The texts of the demo plan share sentences; what many documents hold is nobody's memory of one of them.
  const some = (query: (document: Known) => string | null) =>
    shuffled
      .flatMap(document => {
        const q = query(document)
        return q === null ? [] : [{ id: document.id, q }]
      })
      .slice(0, EACH)
  const sets = [
    {
      name: 'the name with a slip',
      request: some(({ name }) => (wordsOf(name).some(word => word.text.length > 5) ? slipped(name) : null)),
    },
    {
      name: 'two words from inside',
      request: some(({ text }) => tellingPair(text, spread, () => true)?.join(' ') ?? null),
    },
    { name: 'a piece of a sentence', request: some(({ text }) => rarestPhrase(text, documents)) },
    {
      name: 'another form of a word, with one more',
      request: some(({ text, language }) => {
        const pair = language === 'en' ? tellingPair(text, spread, formable) : null
        return pair && `${otherForm(pair[0])} ${pair[1]}`
      }),
    },
  ]
  const qualities: Quality[] = []
  for (const { name, request } of sets) {
    const ranks: { q: string; rank: number }[] = []
    for (const { id, q } of request) {
      const found = await findDocuments(actor, {
        ...EMPTY_QUERY,
        q,
        typing: false,
        exact: false,
        near: null,
        cursor: null,
        limit: SHOWN,
      })
      ranks.push({ q, rank: found.documents.findIndex(document => document.id === id) + 1 })
    }
    qualities.push({
      name,
      mrr: ranks.reduce((sum, { rank }) => sum + (rank > 0 ? 1 / rank : 0), 0) / ranks.length,
      first: ranks.filter(({ rank }) => rank === 1).length / ranks.length,
      count: ranks.length,
      missed: ranks.filter(({ rank }) => rank !== 1).map(({ q, rank }) => `${q} (${rank})`),
    })
  }
  const count = qualities.reduce((sum, one) => sum + one.count, 0)
  const mean = (of: (one: Quality) => number) => qualities.reduce((sum, one) => sum + of(one) * one.count, 0) / count
  return [
    ...qualities,
    { name: 'all of them', mrr: mean(one => one.mrr), first: mean(one => one.first), count, missed: [] },
  ]
}

/** Two neighbouring letters of the longest word changed places. */
function slipped(name: string): string {
  const longest = wordsOf(name)
    .filter(word => /^\p{L}+$/u.test(word.text))
    .sort((a, b) => b.text.length - a.text.length)[0]
  if (!longest) return name
  const word = name.slice(longest.from, longest.to)
  const at = Math.floor(word.length / 2)
  const changed = word.slice(0, at) + (word[at + 1] ?? '') + (word[at] ?? '') + word.slice(at + 2)
  return (name.slice(0, longest.from) + changed + name.slice(longest.to)).replace(/[^\p{L}\p{N}]+/gu, ' ')
}

/**
 * Two words of a text that stand together in the fewest documents; the first of them is of the wanted kind. null: none
 * tell it apart.
 */
function tellingPair(
  text: string,
  spread: ReadonlyMap<string, ReadonlySet<string>>,
  wanted: (word: string) => boolean,
): [string, string] | null {
  const words = [...new Set(wordsOf(text).map(word => word.text))]
    .filter(word => word.length >= SHORTEST && /^\p{L}+$/u.test(word))
    .sort((a, b) => (spread.get(a)?.size ?? 0) - (spread.get(b)?.size ?? 0))
    .slice(0, LOOKED_AT)
  let best: { pair: [string, string]; together: number } | null = null
  for (const one of words.filter(wanted)) {
    for (const other of words) {
      const together =
        one === other ? Infinity : [...(spread.get(one) ?? [])].filter(id => spread.get(other)?.has(id)).length
      if (together < (best?.together ?? TELLING + 1)) best = { pair: [one, other], together }
    }
  }
  return best?.pair ?? null
}

/** Three words next to each other that the fewest documents hold, in quotes. */
function rarestPhrase(text: string, documents: readonly Known[]): string | null {
  const words = wordsOf(text).map(word => word.text)
  const phrases = Array.from({ length: Math.max(0, words.length - 2) }, (_, at) =>
    words.slice(at, at + 3).join(' '),
  ).filter(phrase => /\p{L}{4}/u.test(phrase))
  const step = Math.max(1, Math.floor(phrases.length / LOOKED_AT))
  const counted = phrases
    .filter((_, index) => index % step === 0)
    .map(phrase => ({ phrase, count: documents.filter(document => foldedOf(document).includes(` ${phrase} `)).length }))
    .sort((a, b) => a.count - b.count)
  return counted[0] && counted[0].count <= TELLING ? `"${counted[0].phrase}"` : null
}

const folded = new WeakMap<Known, string>()
function foldedOf(document: Known): string {
  const known = folded.get(document) ?? ` ${foldedText(document.text)} `
  folded.set(document, known)
  return known
}

const formable = (word: string): boolean => word.length > 4 && !/(ss|us|is)$/.test(word) && /[a-z]$/.test(word)

function otherForm(word: string): string {
  if (word.endsWith('ies')) return `${word.slice(0, -3)}y`
  if (word.endsWith('s')) return word.slice(0, -1)
  if (word.endsWith('ed') || word.endsWith('ing')) return word
  return word.endsWith('y') ? `${word.slice(0, -1)}ies` : `${word}s`
}

export function qualityLine({ name, mrr, first, count }: Quality): string {
  return `| ${name} | ${mrr.toFixed(3)} | ${Math.round(first * 100)} % | ${count} |`
}
