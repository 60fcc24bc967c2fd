// Large hierarchies: what the browser computes of them, what a draft costs, what moving a branch costs.

import { generateNKeysBetween } from 'fractional-indexing'
import { v7 } from 'uuid'
import { draftDifference, draftHints, startDraft } from '../../core/draft/index'
import { findFolders } from '../../core/find/index'
import type { FolderId } from '../../core/ids'
import { numberTree, PLAIN_NUMBERING } from '../../core/numbering/index'
import { newFolder } from '../../core/plan/newFolder'
import type { FolderRow } from '../../core/rows/index'
import { outlineOf, totalsBelow } from '../../core/tree/index'
import { seeded } from '../../demo/random'
import { rows, execute } from '../../server/db/client'
import { refreshDerived } from '../../server/db/sql/derived'
import { withTransaction } from '../../server/db/client'
import type { Client } from '../support/client'
import type { Figure } from './measure'
import { timings } from './measure'
import { zipfWords } from './generate'

const TOPS = 60
const LEVELS = 7
const PLAN = { numbering: PLAIN_NUMBERING, childOrder: 'number' as const }

/** Seven levels below sixty top folders; a quarter of all folders lies in the first of them. */
export function largeTree(count: number): FolderRow[] {
  const random = seeded(count)
  const word = zipfWords(random)
  const keys = generateNKeysBetween(null, null, count)
  const made: FolderRow[] = []
  const depths: number[] = []
  const inFirst: number[] = [0]
  for (let index = 0; index < count; index++) {
    const first = index >= TOPS && index % 4 === 0
    let parent = index < TOPS ? -1 : first ? random.pick(inFirst) : random.int(0, index - 1)
    while (parent >= 0 && (depths[parent] ?? 0) >= LEVELS - 1) parent = first ? 0 : random.int(0, TOPS - 1)
    depths.push(parent < 0 ? 0 : (depths[parent] ?? 0) + 1)
    if (index > 0 && (first || (parent >= 0 && inFirst.includes(parent) && index < 2000))) inFirst.push(index)
    made.push(
      newFolder(
        {
          id: v7() as FolderId,
          parentId: parent < 0 ? null : (made[parent]?.id ?? null),
          name: `${word()} ${word()} ${index}`,
          orderKey: keys[index] ?? '',
        },
        { now: '2026-01-01T00:00:00.000Z' },
      ),
    )
  }
  return made
}

/** What the page computes of a plan of this many folders, and what comparing a draft of it costs. */
export async function computedInPage(count: number): Promise<Figure[]> {
  const folders = largeTree(count)
  const label = count.toLocaleString('en-GB')
  const numbered = numberTree(PLAN, folders, 'en')
  const findable = folders.map(folder => ({
    id: folder.id,
    folded: folder.folded,
    code: numbered.codes.get(folder.id)?.code ?? '',
  }))
  const random = seeded(3)
  const lines = startDraft(numbered.tree, () => null, null)
  const edited = lines
    .map((line, index) => (index % 20 === 0 ? { ...line, text: `${line.text} renamed` } : line))
    .filter((_, index) => index % 97 !== 5)
  // The worker numbers the plan once, when it hears of it.
  const present = { plan: PLAN, folders, meanings: [], counts: {}, locale: 'en', numbered }
  const many = (times: number) => Array.from({ length: times }, () => null)
  const typed = Array.from({ length: 110 }, () => {
    const { folded } = random.pick(findable)
    return folded.slice(0, random.int(1, Math.min(12, folded.length)))
  })
  return [
    await timings(`outline of ${label} folders: order, codes, totals, rows`, many(22), () => {
      const { tree } = numberTree(PLAN, folders, 'en')
      totalsBelow(tree, () => 1)
      return Promise.resolve(outlineOf(tree))
    }),
    await timings(`go-to among ${label} folders, a keystroke`, typed, text =>
      Promise.resolve(findFolders(findable, text, 50)),
    ),
    await timings(`draft of ${label} lines compared with the plan, hints included`, many(11), () => {
      const difference = draftDifference(present, null, edited, (kind, index) => `new-${kind}-${index}`)
      return Promise.resolve(draftHints(difference, null))
    }),
  ]
}

/** Puts a large tree with documents into the client's plan; ten documents in each folder of the first branch. */
async function fill(planId: string, folders: readonly FolderRow[], documents: number): Promise<FolderId> {
  const columns = folders.map(({ id, parentId, name, folded, orderKey }) => ({
    id,
    parent_id: parentId,
    name,
    folded,
    order_key: orderKey,
  }))
  await execute(
    null,
    `INSERT INTO folder (id, plan_id, parent_id, name, folded, order_key, child_order, purpose, created_at)
    SELECT x.id, $1::uuid, x.parent_id, x.name, x.folded, x.order_key, 'number', '', now()
      FROM jsonb_to_recordset($2::jsonb) AS x(id uuid, parent_id uuid, name text, folded text, order_key text)`,
    [planId, JSON.stringify(columns)],
  )
  const [top] = folders
  if (!top) throw new Error('There is no folder.')
  const { tree } = numberTree(PLAN, folders, 'en')
  const branch = [...tree.byId.values()]
    .filter(folder => {
      let at: FolderRow | undefined = folder
      while (at?.parentId) at = tree.byId.get(at.parentId)
      return at?.id === top.id
    })
    .map(folder => folder.id)
  const blobId = v7()
  await execute(
    null,
    'INSERT INTO blob (id, sha256, size, created_at) VALUES ($1::uuid, sha256($1::uuid::text::bytea), 10, now())',
    [blobId],
  )
  for (let made = 0; made < documents; made += 5000) {
    const batch = Array.from({ length: Math.min(5000, documents - made) }, (_, index) => ({
      id: v7(),
      placement_id: v7(),
      name: `paper ${made + index}`,
      folder_id: branch[(made + index) % branch.length],
    }))
    const from = 'FROM jsonb_to_recordset($2::jsonb) AS x(id uuid, placement_id uuid, name text, folder_id uuid)'
    await withTransaction(async transaction => {
      await execute(
        transaction,
        `INSERT INTO document (id, plan_id, name, folded, extension, media_type, size, blob_id, version, remark,
          created_at, changed_at) SELECT x.id, $1::uuid, x.name, x.name, 'txt', 'text/plain', 10, $3::uuid, 1, '',
            now(), now() ${from}`,
        [planId, JSON.stringify(batch), blobId],
      )
      await execute(
        transaction,
        `INSERT INTO placement (id, plan_id, document_id, folder_id, home)
          SELECT x.placement_id, $1::uuid, x.id, x.folder_id, true ${from}`,
        [planId, JSON.stringify(batch)],
      )
      await refreshDerived(
        transaction,
        planId,
        batch.map(one => one.id),
      )
    })
  }
  await execute(null, 'ANALYZE')
  return top.id
}

/** Moving the first branch (a quarter of the folders, all documents) to and fro, through the route. */
export async function movedOnServer(client: Client, count: number, documents: number): Promise<Figure[]> {
  const { plan } = await client.outline()
  const folders = largeTree(count)
  const top = await fill(plan.id, folders, documents)
  const other = folders[1]?.id ?? null
  const found = await rows<{ count: number }>(null, 'SELECT count(*)::int AS count FROM placement WHERE plan_id = $1', [
    plan.id,
  ])
  const label =
    `${Math.round(count / 4).toLocaleString('en-GB')} folders with ` +
    `${(found[0]?.count ?? 0).toLocaleString('en-GB')} documents, in a plan of ${count.toLocaleString('en-GB')} folders`
  let inside = false
  return [
    await timings(`moving a branch of ${label}`, Array.from({ length: 22 }), async () => {
      inside = !inside
      await client.act({
        kind: 'move',
        folderIds: [top],
        documentIds: [],
        fromFolderId: null,
        toFolderId: inside ? other : null,
        allowTwin: true,
      })
    }),
    await timings(`outline by the route: ${count.toLocaleString('en-GB')} folders`, Array.from({ length: 11 }), () =>
      client.outline(),
    ),
  ]
}
