// The figures of real documents: how much of what independent tools read in them is read here, and how fast and how
// well they are found. Started by "npm run bench corpus", which gives it a server of its own.

import { readFileSync, writeFileSync } from 'node:fs'
import { basename } from 'node:path'
import type { TextReply } from '../../contract/document'
import type { Found } from '../../contract/find'
import { wordsOf } from '../../core/text/index'
import { seeded } from '../../demo/random'
import { closeDatabase } from '../../server/db/client'
import type { Client } from '../support/client'
import { newClient } from '../support/client'
import { corpus } from './corpusFiles'
import { row, timings } from './measure'

const [WORST, QUERIES, RANKS] = [5, 150, 20]
const log = (line: string): void => {
  console.log(`· ${line}`)
}
const distinct = (text: string) =>
  new Set(
    wordsOf(text)
      .map(({ text: word }) => word)
      .filter(word => word.length > 1),
  )

interface Read {
  readonly id: string
  readonly name: string
  readonly extension: string
  readonly words: ReadonlySet<string>
  /** Of the distinct words of the truth. */
  readonly share: number
  readonly missing: readonly string[]
  readonly reason: string | null
}

async function textOf(client: Client, id: string): Promise<string> {
  const pages: string[] = []
  let from: number | null = 1
  while (from !== null) {
    const { body }: { body: TextReply } = await client.get<TextReply>(`/api/documents/${id}/text?from=${from}`)
    pages.push(...body.pages.map(page => page.body))
    from = body.next
  }
  return pages.join('\n')
}

async function bringIn(client: Client): Promise<Read[]> {
  const read: Read[] = []
  const files = corpus(log)
  log(`${files.length} documents with a truth`)
  for (const { path, extension, truth } of files) {
    const { id } = await client.upload(basename(path), readFileSync(path))
    const { reading } = await client.whenRead(id)
    const words = distinct(await textOf(client, id))
    const wanted = [...distinct(truth)]
    const missing = wanted.filter(word => !words.has(word))
    if (wanted.length >= 3 && !/password/.test(reading.reason ?? ''))
      read.push({
        id,
        name: basename(path),
        extension,
        words,
        share: 1 - missing.length / wanted.length,
        missing,
        reason: reading.reason,
      })
  }
  return read
}

function formatRows(read: readonly Read[]): string[] {
  return [...new Set(read.map(({ extension }) => extension))].sort().map(extension => {
    const own = read.filter(one => one.extension === extension)
    const mean = own.reduce((sum, { share }) => sum + share, 0) / own.length
    const worst = [...own]
      .sort((a, b) => a.share - b.share)
      .slice(0, WORST)
      .filter(({ share }) => share < 0.98)
      .map(
        ({ name, share, reason, missing }) =>
          `${name} ${share.toFixed(2)} (${reason ?? missing.slice(0, 3).join(' ')})`,
      )
    return `| ${extension} | ${mean.toFixed(3)} | ${own.length} | ${own.filter(({ reason }) => reason !== null).length} | ${worst.join('; ')} |`
  })
}

/** Two of the rarer words of a document each, and whether it is found by them. */
async function find(client: Client, read: readonly Read[]): Promise<string[]> {
  const random = seeded(7)
  const holders = new Map<string, number>()
  for (const { words } of read) for (const word of words) holders.set(word, (holders.get(word) ?? 0) + 1)
  const rare = ({ words }: Read) =>
    [...words].filter(word => /^\p{L}{4,}$/u.test(word) && (holders.get(word) ?? 0) <= 5).slice(0, 40)
  const asked = Array.from({ length: QUERIES }, () => random.pick([...read]))
    .filter(one => rare(one).length >= 2)
    .map(one => ({ id: one.id, q: random.some(rare(one), 2).join(' ') }))
  const ranks: number[] = []
  const search = async (q: string) =>
    (await client.get<Found>(`/api/find?limit=${RANKS}&q=${encodeURIComponent(q)}`)).body.documents
  const timed = [
    await timings('two rarer words', asked, async ({ id, q }) => {
      ranks.push((await search(q)).findIndex(document => document.id === id) + 1)
    }),
    await timings('two frequent words', asked, async () => {
      await search(random.some(FREQUENT, 2).join(' '))
    }),
    await timings('with counts', asked.slice(0, 60), async ({ q }) => {
      await client.get(`/api/find/counts?q=${encodeURIComponent(q)}`)
    }),
  ]
  const reciprocal = ranks.reduce((sum, rank) => sum + (rank === 0 ? 0 : 1 / rank), 0) / Math.max(1, ranks.length)
  return [...timed.map(row), '', `Mean reciprocal rank of ${ranks.length} known items: ${reciprocal.toFixed(3)}.`]
}

const FREQUENT = ['text', 'page', 'table', 'test', 'document', 'number', 'date', 'name', 'total', 'title', 'first']

const client = await newClient()
const read = await bringIn(client)
const report = `# Real documents

Made by \`npm run bench corpus\`: test documents of other projects, got from Debian's sources. The truth is what the office
suite says of the same file. Share: of the distinct words of the truth, those that Hembix read, the mean over the files.
What the tool adds itself (numbers of lists, axes of charts, raw numbers of formatted cells, text that was struck) counts
as missing.

| format | share | files | not read | worst |
|---|---|---|---|---|
${formatRows(read).join('\n')}

| found among ${read.length} | p50 ms | p95 ms | count |
|---|---|---|---|
${(await find(client, read)).join('\n')}
`
writeFileSync(new URL('corpus.md', import.meta.url), report)
console.log(report)
await closeDatabase()
