// Words inside the documents of a plan, by which typing errors are forgiven.

import type { Transaction } from '../client'
import { rows, execute } from '../client'
import { prefixRange } from '../tables'

// From here on a word is known to be no slip, and is not counted on.
const ENOUGH = 8

/**
 * Adds the words of bytes that were read to the plans that hold them; sorted, so that two readers never wait for each
 * other in a circle.
 */
export async function keepTextWords(transaction: Transaction, blobId: string, words: readonly string[]): Promise<void> {
  if (words.length === 0) return
  await execute(
    transaction,
    `INSERT INTO text_word AS t (plan_id, word) SELECT p.plan_id, w.word FROM (SELECT DISTINCT plan_id FROM document
      WHERE blob_id = $1 AND trashed_at IS NULL) p, unnest($2::text[]) AS w(word)
    ORDER BY 1, 2 ON CONFLICT (plan_id, word) DO UPDATE SET docs = t.docs + 1 WHERE t.docs < ${ENOUGH}`,
    [blobId, words],
  )
}

/** Which of these words stand in a text or a name of the plan. */
export async function knownWords(planId: string, words: readonly string[]): Promise<Set<string>> {
  const found = await rows<{ word: string }>(
    null,
    `SELECT w.word FROM unnest($2::text[]) AS w(word) WHERE EXISTS (SELECT FROM text_word t WHERE t.plan_id = $1
      AND t.word = w.word)
    OR EXISTS (SELECT FROM name_word n WHERE n.plan_id = $1 AND n.word = w.word)`,
    [planId, words],
  )
  return new Set(found.map(row => row.word))
}

/**
 * Words inside within `errors` (Levenshtein), the nearest and then the most used first: same first letter, or the first
 * two swapped.
 */
export async function nearTextWords(planId: string, typed: string, errors: number): Promise<string[]> {
  const found = await rows<{ word: string }>(
    null,
    `SELECT word, levenshtein_less_equal(word, $2, $3)::int AS distance FROM text_word WHERE plan_id = $1
    AND (${prefixRange('word', 'left($2, 1)')} OR ${prefixRange('word', 'substr($2, 2, 1)')})
    AND length(word) BETWEEN length($2) - $3 AND length($2) + $3 AND levenshtein_less_equal(word, $2, $3) <= $3
      ORDER BY distance, docs DESC, word LIMIT 60`,
    [planId, typed, errors],
  )
  return found.map(row => row.word)
}
