// What rights cost: computed for a person, explained for a document, and reading by them beside the owner's own
// reading, in turns. Started by "npm run bench rights".

import { writeFileSync } from 'node:fs'
import { v7 } from 'uuid'
import type { Access, Grant } from '../../core/access/index'
import { audienceOf, explain, isFor, reaching } from '../../core/access/index'
import type { FolderId, GrantId, GroupId, PersonId } from '../../core/ids'
import { ROLES } from '../../core/rows/index'
import { buildTree, childrenOf, totalsBelow } from '../../core/tree/index'
import { seeded } from '../../demo/random'
import { closeDatabase } from '../../server/db/client'
import type { Client } from '../support/client'
import { newClient } from '../support/client'
import { fillPlan } from './findScale'
import type { Figure } from './measure'
import { row, timings } from './measure'
import { largeTree } from './scale'

const [FOLDERS, PEOPLE, GROUPS, GRANTS] = [20_000, 200, 50, 2000]
const DOCUMENTS = Number(process.env.HEMBIX_BENCH_RIGHTS ?? 100_000)
const log = (line: string): void => {
  console.log(`· ${line}`)
}
const random = seeded(20)

function computed(): Promise<Figure[]> {
  const folders = largeTree(FOLDERS)
  const ids = folders.map(({ id }) => id)
  const people = Array.from({ length: PEOPLE }, (_, index) => `p${index}` as PersonId)
  const groupIds = Array.from({ length: GROUPS }, (_, index) => `g${index}` as GroupId)
  const groups = new Map(groupIds.map(id => [id, { memberIds: random.some(people, random.int(2, 40)) }]))
  const grants = Array.from({ length: GRANTS }, (_, index): Grant => {
    const who = random.pick(['person', 'group'] as const)
    const whoId = who === 'person' ? random.pick(people) : random.pick(groupIds)
    return {
      ...{ id: `${index}` as GrantId, target: 'folder', targetId: random.pick(ids), who, whoId },
      ...{ role: random.pick(ROLES), until: null },
    }
  })
  const access: Access = { tree: buildTree(folders), grants, groups, now: new Date().toISOString() }
  const things = Array.from({ length: 400 }, () => ({
    person: random.pick(people),
    thing: { kind: 'document', id: 'd', folderIds: [random.pick(ids), random.pick(ids)] } as const,
  }))
  return Promise.all([
    timings('all that reaches a person, with their role on each of 20,000 folders', people.slice(0, 40), person =>
      Promise.resolve(rolesOf(person, access)),
    ),
    timings('an explanation: one person, one document in two places', things, ({ person, thing }) =>
      Promise.resolve(explain(person, thing, access)),
    ),
    timings('who may, opened out by person: one document', things, ({ thing }) =>
      Promise.resolve(audienceOf(reaching(thing, access.tree, grants, access.now), groups)),
    ),
  ])
}

/** The role of a person on every folder, from the top down. */
function rolesOf(person: PersonId, { tree, grants, groups }: Access): ReadonlyMap<FolderId, number> {
  const own = new Map<string, number>()
  for (const grant of grants)
    if (isFor(grant, person, groups))
      own.set(grant.targetId, Math.max(own.get(grant.targetId) ?? -1, ROLES.indexOf(grant.role)))
  const roles = new Map<FolderId, number>()
  const stack: { readonly id: FolderId | null; readonly role: number }[] = [{ id: null, role: -1 }]
  for (let at = stack.pop(); at; at = stack.pop())
    for (const { id } of childrenOf(tree, at.id)) {
      const role = Math.max(at.role, own.get(id) ?? -1)
      if (role >= 0) roles.set(id, role)
      stack.push({ id, role })
    }
  return roles
}

interface Reader {
  readonly name: string
  readonly list: (folder: string) => Promise<unknown>
  readonly find: (words: string) => Promise<unknown>
  readonly folders: readonly string[]
}

/** Each question is asked of all readers one after the other, so that none has the quiet minute. */
async function inTurns(
  readers: readonly Reader[],
  what: string,
  asks: number,
  ask: (reader: Reader) => Promise<unknown>,
) {
  const taken = new Map<string, number[]>(readers.map(({ name }) => [name, []]))
  for (let turn = 0; turn < asks; turn++)
    for (const reader of readers) {
      const began = performance.now()
      await ask(reader)
      if (turn >= asks / 10) taken.get(reader.name)?.push(performance.now() - began)
    }
  return readers.map(({ name }): Figure => {
    const all = [...(taken.get(name) ?? [])].sort((a, b) => a - b)
    const at = (share: number) => all[Math.min(all.length - 1, Math.floor(all.length * share))] ?? 0
    return { name: `${what}: ${name}`, p50: at(0.5), p95: at(0.95), count: all.length }
  })
}

const spread = <T>(all: readonly T[]): T[] => random.some(all, Math.min(300, all.length))

async function read(): Promise<Figure[]> {
  const [owner, person] = [await newClient(), await newClient()]
  const { plan } = await owner.outline()
  log(`a plan of ${DOCUMENTS.toLocaleString('en-GB')} documents`)
  const { bodies } = await fillPlan(plan.id, DOCUMENTS, log)
  const { folders, counts } = await owner.outline()
  const tree = buildTree(folders)
  const totals = totalsBelow(tree, ({ id }) => counts[id] ?? 0)
  const nearest = (share: number) =>
    [...totals].sort((a, b) => Math.abs(a[1] - share * DOCUMENTS) - Math.abs(b[1] - share * DOCUMENTS))[0]?.[0] ?? ''
  const whoId = (await owner.get<{ id: string }>(`/api/people?email=${person.email}`)).body.id
  const give = async (target: 'folder' | 'plan', targetId: string) => {
    const id = v7()
    const grants = [{ id: id as GrantId, target, targetId, who: 'person', whoId } as const]
    await owner.act({ kind: 'grant.give', grants, role: 'read' })
    return id
  }
  const byKey = async (name: string, key: string): Promise<Reader> => {
    const { body } = await person.get<{ folders: { id: string }[] }>(`/api/shared/${key}`)
    return {
      name,
      folders: spread(body.folders.map(({ id }) => id)),
      list: folder => person.get(`/api/shared/${key}/documents?folder=${folder}`),
      find: words => person.get(`/api/shared/${key}/find?q=${encodeURIComponent(words)}`),
    }
  }
  const [small, third] = [nearest(0.01), nearest(0.3)]
  const percent = (id: string) => `${((100 * (totals.get(id as FolderId) ?? 0)) / DOCUMENTS).toFixed(1)} %`
  const readers: Reader[] = [
    {
      name: 'the owner',
      folders: spread(folders.map(({ id }) => id as string)),
      list: folder => owner.get(`/api/documents?folder=${folder}&sort=name`),
      find: words => owner.get(`/api/find?q=${encodeURIComponent(words)}`),
    },
    await byKey(`who may see ${percent(small)}`, await give('folder', small)),
    await byKey(`who may see ${percent(third)}`, await give('folder', third)),
    await byKey('who may see all of it', await give('plan', plan.id)),
  ]
  const word = () => random.pick(random.pick(bodies).split(' '))
  return [
    ...(await inTurns(readers, 'a folder page', 150, ({ folders: some, list }) => list(random.pick(some)))),
    ...(await inTurns(readers, 'one word', 100, ({ find }) => find(word()))),
    ...(await inTurns(readers, 'two words', 100, ({ find }) => find(`${word()} ${word()}`))),
    ...(await opening(person, 40)),
  ]
}

/** What a person is told who signs in: what was given to them. */
const opening = async (person: Client, count: number) => [
  await timings('what was given to a person, as a list', Array.from({ length: count }), () =>
    person.get('/api/received'),
  ),
]

const figures = [...(await computed()), ...(await read())]
const report = `# Figures of rights

Made by \`npm run bench rights\` on ${new Date().toISOString().slice(0, 10)}. Milliseconds, one client, on a machine of
two cores that other work shares. Computed: ${FOLDERS.toLocaleString('en-GB')} folders, ${PEOPLE} people,
${GROUPS} groups, ${GRANTS.toLocaleString('en-GB')} grants, in memory. Read: at the routes, a plan of
${DOCUMENTS.toLocaleString('en-GB')} documents; owner and others in turns, question by question.

| what | p50 | p95 | n |
|---|---|---|---|
${figures.map(row).join('\n')}
`
writeFileSync(new URL('rights.md', import.meta.url), report)
console.log(report)
await closeDatabase()
