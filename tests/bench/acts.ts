// Acts on many documents, and the suggestions of places: speed by the route, quality in this process.

import { v7 } from 'uuid'
import { seedDemo } from '../../demo/seed'
import type { Random } from '../../demo/random'
import { seeded } from '../../demo/random'
import type { DocumentId, FolderId } from '../../core/ids'
import { rows, withTransaction } from '../../server/db/client'
import type { FilableRow } from '../../server/db/sql/filing'
import { filedDocuments } from '../../server/db/sql/filing'
import type { Client } from '../support/client'
import type { Quality } from './filing'
import { qualityOf } from './filing'
import { zipfWords } from './generate'
import type { Figure } from './measure'
import { percentile, timings } from './measure'

const MANY = 10_000
const ROUNDS = 7

/**
 * Moving, filing and undoing 10,000 documents in one act each, beside the bare UPDATE of their places in the same run.
 */
export async function manyAtOnce(client: Client, planId: string): Promise<Figure[]> {
  const ids = (
    await rows<{ id: DocumentId }>(
      null,
      'SELECT p.document_id AS id FROM placement p WHERE p.plan_id = $1 AND p.folder_id IS NOT NULL ORDER BY ' +
        'p.id LIMIT $2',
      [planId, MANY],
    )
  ).map(row => row.id)
  const targets = [await client.folder('Many'), await client.folder('More')]
  const times: Record<'bare' | 'move' | 'undo' | 'file' | 'unfile', number[]> = {
    bare: [],
    move: [],
    undo: [],
    file: [],
    unfile: [],
  }
  const timed = async (key: keyof typeof times, work: () => Promise<unknown>) => {
    const began = performance.now()
    await work()
    times[key].push(performance.now() - began)
  }
  for (let round = 0; round < ROUNDS; round++) {
    const to = targets[round % 2] as FolderId
    await timed('bare', () => bareUpdate(ids, to))
    await timed('move', () =>
      client.act({
        kind: 'move',
        folderIds: [],
        documentIds: ids,
        fromFolderId: null,
        toFolderId: to,
        allowTwin: false,
      }),
    )
    await timed('undo', () => client.undo())
    await timed('file', () =>
      client.act({ kind: 'document.file', documents: ids.map(id => ({ id, name: null })), folderIds: [to], tags: [] }),
    )
    await timed('unfile', () => client.undo())
  }
  const figure = (key: keyof typeof times, name: string): Figure => ({
    name,
    p50: percentile(times[key].slice(1), 0.5),
    p95: percentile(times[key].slice(1), 0.95),
    count: ROUNDS - 1,
  })
  return [
    figure('bare', 'floor: the bare UPDATE of 10,000 places, its keys checked, plain SQL'),
    figure('move', 'moving 10,000 documents in one act, journal included'),
    figure('undo', 'undoing it'),
    figure('file', 'filing 10,000 documents in one more folder'),
    figure('unfile', 'undoing that'),
  ]
}

/**
 * With the check of its keys, which every UPDATE pays for when it is committed. Commits nothing: the plan stays as it
 * was.
 */
async function bareUpdate(ids: readonly string[], to: string): Promise<void> {
  const nothing = new Error('rolled back')
  await withTransaction(async transaction => {
    await rows(transaction, 'UPDATE placement SET folder_id = $2::uuid WHERE document_id = ANY($1::uuid[])', [ids, to])
    await rows(transaction, 'SET CONSTRAINTS ALL IMMEDIATE')
    throw nothing
  }).catch((error: unknown) => {
    if (error !== nothing) throw error
  })
}

/** The first suggestion of a plan, which makes its model, and those after it. */
export async function suggestionSpeed(client: Client, planId: string): Promise<Figure[]> {
  const ids = (
    await rows<{ id: string }>(null, 'SELECT id FROM document WHERE plan_id = $1 ORDER BY id LIMIT 2000', [planId])
  ).map(row => row.id)
  const random = seeded(12)
  const ask = (id: string) => client.get(`/api/documents/${id}/suggestions`)
  const began = performance.now()
  await ask(ids[0] ?? '')
  const first = performance.now() - began
  return [
    { name: 'the first suggestion after a start: the model of the plan is made', p50: first, p95: first, count: 1 },
    await timings(
      'a suggestion of places and names',
      Array.from({ length: 220 }, () => random.pick(ids)),
      ask,
    ),
  ]
}

/**
 * Leave one out over the demo plan, and over a made plan of 20,000 documents in 1,000 folders, each with words of its
 * own.
 */
export async function suggestionQuality(): Promise<Quality[]> {
  await seedDemo(() => {
    /* said by the start command */
  })
  for (;;) {
    const [open] = await rows<{ count: number }>(
      null,
      `SELECT count(*)::int AS count FROM reading WHERE state IN ('waiting', 'reading')`,
    )
    if (open?.count === 0) break
    await new Promise(resolve => setTimeout(resolve, 200))
  }
  const [demo] = await rows<{ id: string }>(
    null,
    'SELECT p.id FROM plan p JOIN account a ON a.id = p.account_id WHERE a.is_demo',
  )
  const planId = demo?.id ?? ''
  const documents = await filedDocuments(planId, 50_000)
  const folders = await rows<{ id: FolderId; text: string }>(
    null,
    `SELECT id, name || ' ' || purpose AS text FROM folder WHERE plan_id = $1 AND trashed_at IS NULL`,
    [planId],
  )
  const made = topical(20_000, 1_000)
  return [
    ...qualityOf('demo plan', documents, documents, folders),
    ...qualityOf('made plan of 20,000', made.documents, made.documents.slice(0, 300), made.folders),
  ]
}

function topical(
  count: number,
  folderCount: number,
): { documents: FilableRow[]; folders: { id: FolderId; text: string }[] } {
  const random = seeded(31)
  const word = zipfWords(random)
  const topics = Array.from({ length: folderCount }, () => ({
    id: v7() as FolderId,
    words: Array.from({ length: 14 }, word),
  }))
  const mixed = (words: readonly string[], length: number, share: number, by: Random) =>
    Array.from({ length }, () => (by.next() < share ? by.pick(words) : word())).join(' ')
  const documents = Array.from({ length: count }, (_, index): FilableRow => {
    const topic = random.pick(topics)
    return {
      id: v7(),
      name: `${mixed(topic.words, random.int(2, 4), 0.4, random)} ${index}`,
      extension: random.pick(['pdf', 'docx', 'txt']),
      origin: 'upload',
      sender: '',
      text: mixed(topic.words, 120, 0.15, random),
      folded: true,
      folderIds: [topic.id],
    }
  })
  return { documents, folders: topics.map(({ id, words }) => ({ id, text: words.slice(0, 2).join(' ') })) }
}

export function qualityRow({ what, documents, first, three, p50, p95 }: Quality): string {
  const percent = (share: number) => `${(share * 100).toFixed(1)} %`
  return `| ${what} | ${percent(first)} | ${percent(three)} | ${p50.toFixed(2)} | ${p95.toFixed(2)} | ${documents} |`
}
