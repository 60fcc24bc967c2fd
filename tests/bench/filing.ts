// How good and how fast the suggestions of places are: every filed document is held against all others
// (leave one out), beside two simple ways in the same run.

import { FilingModel } from '../../core/filing/index'
import type { Filable } from '../../core/filing/index'
import type { FolderId } from '../../core/ids'
import type { FilableRow } from '../../server/db/sql/filing'
import { percentile } from './measure'

export interface Quality {
  readonly what: string
  readonly documents: number
  /** Shares from 0 to 1: the right folder first, among three. */
  readonly first: number
  readonly three: number
  /** Milliseconds a document. */
  readonly p50: number
  readonly p95: number
}

type Guess = (document: Filable & { readonly folderIds: readonly FolderId[] }) => readonly FolderId[]

export function qualityOf(
  what: string,
  documents: readonly FilableRow[],
  sample: readonly FilableRow[],
  folderTexts: readonly { id: FolderId; text: string }[],
): Quality[] {
  const model = new FilingModel()
  model.describe(folderTexts)
  for (const document of documents) model.put(document, document.folderIds)
  return [
    judged(`${what}: as suggested`, sample, document => model.score(document, 3).map(({ folderId }) => folderId)),
    judged(`${what}: the fullest folders`, sample, fullest(documents)),
    judged(`${what}: folders of the nearest single documents`, sample, nearest(documents)),
  ]
}

function judged(what: string, sample: readonly FilableRow[], guess: Guess): Quality {
  const times: number[] = []
  let [first, three] = [0, 0]
  for (const document of sample) {
    const began = performance.now()
    const guesses = guess(document)
    times.push(performance.now() - began)
    if (guesses[0] && document.folderIds.includes(guesses[0])) first++
    if (guesses.slice(0, 3).some(id => document.folderIds.includes(id))) three++
  }
  return {
    what,
    documents: sample.length,
    first: first / sample.length,
    three: three / sample.length,
    p50: percentile(times, 0.5),
    p95: percentile(times, 0.95),
  }
}

function fullest(documents: readonly FilableRow[]): Guess {
  const counts = new Map<FolderId, number>()
  for (const { folderIds } of documents) for (const id of folderIds) counts.set(id, (counts.get(id) ?? 0) + 1)
  const best = [...counts]
    .sort((a, b) => b[1] - a[1])
    .slice(0, 3)
    .map(([id]) => id)
  return () => best
}

/** The folders of the documents with the most words in common, of name and text (Jaccard index). */
function nearest(documents: readonly FilableRow[]): Guess {
  const wordsOf = (document: Filable) =>
    new Set(`${document.name} ${document.text}`.toLowerCase().match(/\p{L}{3,}/gu) ?? [])
  const known = documents.map(document => ({ document, words: wordsOf(document) }))
  return request => {
    const words = wordsOf(request)
    const scored = known
      .filter(({ document }) => document.id !== request.id)
      .map(({ document, words: others }) => {
        let shared = 0
        for (const word of words) if (others.has(word)) shared++
        return { document, score: shared / (words.size + others.size - shared || 1) }
      })
      .sort((a, b) => b.score - a.score)
    return [...new Set(scored.slice(0, 12).flatMap(({ document }) => document.folderIds))].slice(0, 3)
  }
}
