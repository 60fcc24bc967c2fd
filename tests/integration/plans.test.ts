// How PostgreSQL answers the statements that people wait for, and how many statements a route needs.

import { EMPTY_QUERY } from '../../core/find/index'
import { beforeAll, describe, expect, it } from 'vitest'
import { v7 } from 'uuid'
import type { FolderId, PersonId } from '../../core/ids'
import { database, rows, execute, withTransaction } from '../../server/db/client'
import { BROKEN } from '../../server/db/sql/invariants'
import { listDocuments } from '../../server/services/documents/listDocuments'
import { findDocuments } from '../../server/services/find/findDocuments'
import type { Client } from '../support/client'
import { newClient } from '../support/client'
import { generatePlan } from '../bench/generate'

let client: Client
let planId: string
let folderIds: readonly string[]

beforeAll(async () => {
  client = await newClient()
  planId = (await client.outline()).plan.id
  folderIds = (await generatePlan(planId, 60, 3000)).folderIds
})

async function explain(sql: string, bind: readonly unknown[]): Promise<string> {
  const lines = await rows<{ 'QUERY PLAN': string }>(null, `EXPLAIN ${sql}`, bind)
  return lines.map(line => line['QUERY PLAN']).join('\n')
}

describe('PostgreSQL', () => {
  it.each(['name COLLATE natural_order', 'changed_at', 'added_at'])(
    'gives a page of a list of documents from one index, by %s',
    async column => {
      const plan = await explain(
        `SELECT p.document_id FROM placement p WHERE p.place = $1::uuid AND p.live ORDER BY p.${column}, p.document_id
          LIMIT 100`,
        [folderIds[0]],
      )
      expect(plan).toMatch(/Index (Only )?Scan using placement_/)
      expect(plan).not.toContain('Sort')
    },
  )

  it.each(['size', 'extension'])('sorts by %s what lies in one place and nothing else', async column => {
    const plan = await explain(
      `SELECT p.document_id FROM placement p WHERE p.place = $1::uuid AND p.live ORDER BY p.${column}, p.document_id
        LIMIT 100`,
      [folderIds[1]],
    )
    expect(plan).toMatch(/Index (Only )?Scan (using|on) placement_/)
    expect(plan).not.toContain('Seq Scan')
  })

  it('finds words by their index and not by reading every document', async () => {
    const plan = await explain(
      'SELECT s.document_id FROM search_row s WHERE s.plan_id = $1 AND s.words @@ $2::tsquery',
      [planId, "'zelquibake'"],
    )
    expect(plan).toContain('search_row_words')
    expect(plan).not.toContain('Seq Scan')
  })

  it('looks only at what an act touched to see whether it keeps the rules', async () => {
    const [touched] = await rows<{ id: string }>(null, 'SELECT id FROM document WHERE plan_id = $1 LIMIT 1', [planId])
    const plan = await explain(BROKEN, [planId, [folderIds[3]], [touched?.id]])
    expect(plan).not.toMatch(/Seq Scan on (document|placement)|Scan (using|on) document_plan\b/)
  })

  it('finds the beginnings of names in the dictionary', async () => {
    expect(
      await explain("SELECT word FROM name_word WHERE plan_id = $1 AND word >= $2 AND word < $2 || U&'\\FFFF'", [
        planId,
        'ber',
      ]),
    ).toContain('name_word_pkey')
  })
})

/** How many statements a piece of work sends to PostgreSQL. */
async function statements(work: () => Promise<unknown>): Promise<number> {
  let count = 0
  const { options } = database() as unknown as { options: { logging: false | (() => void) } } // not in its types
  options.logging = () => {
    count++
  }
  await work()
  options.logging = false
  return count
}

describe('a list', () => {
  const actor = () => ({ accountId: '' as PersonId, email: '', planId })
  const page = (limit: number) =>
    listDocuments(actor(), { folderId: folderIds[0] ?? null, sort: 'name', descending: false, cursor: null, limit })
  const found = (limit: number) =>
    findDocuments(actor(), { ...EMPTY_QUERY, q: 'berth', typing: false, exact: false, near: null, cursor: null, limit })

  it('costs the same number of statements for 2 rows as for 200', async () => {
    expect([await statements(() => page(2)), await statements(() => page(200))]).toEqual([1, 1])
    // names, words; where many are found the newest and the count; what is ranked and its pages; rows, passages, why
    expect(await statements(() => found(2))).toBeLessThanOrEqual(11)
    expect(await statements(() => found(200))).toBeLessThanOrEqual(11)
  })
})

describe('an act on many', () => {
  it('moves 300 documents in one change, and takes them back in one', async () => {
    const from = folderIds[0] as FolderId
    const { body } = await client.get<{ ids: string[] }>(`/api/documents/ids?folder=${from}`)
    const chosen = body.ids.slice(0, 300)
    expect(chosen).toHaveLength(300)
    const target = await client.folder(`Target ${v7()}`)
    const change = await client.act({
      kind: 'move',
      folderIds: [],
      documentIds: chosen as never,
      toFolderId: target,
      fromFolderId: from,
      allowTwin: false,
    })
    expect(change.label).toContain('Moved 300 documents to')
    expect((await client.outline()).counts[target]).toBe(300)
    await client.undo()
    expect((await client.outline()).counts[target]).toBeUndefined()
    expect((await client.get<{ ids: string[] }>(`/api/documents/ids?folder=${from}`)).body.ids).toEqual(body.ids)
  })
})

describe('a transaction', () => {
  it('that throws leaves nothing', async () => {
    const email = `${v7()}@test.example`
    await expect(
      withTransaction(async transaction => {
        await execute(
          transaction,
          `INSERT INTO attempt (kind, email, address, network, at) VALUES ('sign-in', $1, '', '', now())`,
          [email],
        )
        throw new Error('on purpose')
      }),
    ).rejects.toThrow('on purpose')
    expect(await rows(null, 'SELECT 1 FROM attempt WHERE email = $1', [email])).toEqual([])
  })
})
