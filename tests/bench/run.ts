// The figures of reading, searching, uploading and reading documents. Started by "npm run bench",
// which gives it a server of its own.

import { randomBytes } from 'node:crypto'
import { readFileSync, writeFileSync } from 'node:fs'
import { request } from 'node:http'
import { v7 } from 'uuid'
import { renderFile } from '../../demo/files'
import type { Format } from '../../demo/papers'
import { write } from '../../demo/papers'
import { seeded } from '../../demo/random'
import { closeDatabase, rows } from '../../server/db/client'
import { stopQueue } from '../../server/db/queue'
import type { Client } from '../support/client'
import { newClient } from '../support/client'
import { manyAtOnce, qualityRow, suggestionQuality, suggestionSpeed } from './acts'
import { generatePlan } from './generate'
import type { Figure } from './measure'
import { row } from './measure'
import { finds, reads } from './readsAndFinds'
import { computedInPage, movedOnServer } from './scale'

const DOCUMENTS = Number(process.env.HEMBIX_BENCH_DOCUMENTS ?? 20_000)
const UPLOAD_BYTES = 500 * 1024 * 1024
const serverPid = Number(process.env.HEMBIX_SERVER_PID)

const rssMB = () => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${serverPid}/status`, 'utf8'))?.[1] ?? 0) / 1024

/** Sends 500 MB that are made while they are sent, and watches the server's memory. */
async function uploadLarge(client: Client): Promise<{ seconds: number; grewMB: number }> {
  const before = rssMB()
  let most = before
  const watch = setInterval(() => {
    most = Math.max(most, rssMB())
  }, 50)
  const query = new URLSearchParams({
    change: v7(),
    document: v7(),
    folder: 'in-tray',
    name: 'large.bin',
    changed: '2026-01-01T00:00:00.000Z',
  })
  const began = performance.now()
  await new Promise<void>((resolve, reject) => {
    const sending = request(
      `${client.base}/api/uploads?${query.toString()}`,
      {
        method: 'POST',
        headers: { cookie: client.cookie, 'content-length': UPLOAD_BYTES, 'content-type': 'application/octet-stream' },
      },
      response => {
        response.resume()
        response.on('end', () =>
          response.statusCode === 200
            ? resolve()
            : reject(new Error(`The upload was answered with ${response.statusCode}.`)),
        )
      },
    )
    sending.on('error', reject)
    let left = UPLOAD_BYTES
    const part = randomBytes(1024 * 1024)
    const more = () => {
      while (left > 0) {
        part.writeUInt32LE(left >>> 0, 0)
        left -= part.length
        if (!sending.write(Buffer.from(part))) return void sending.once('drain', more)
      }
      sending.end()
    }
    more()
  })
  clearInterval(watch)
  return { seconds: (performance.now() - began) / 1000, grewMB: most - before }
}

/** The same number of bytes with a plain client, in the same chunks: the floor of uploading. */
async function rawWrite(): Promise<number> {
  const id = v7()
  await rows(null, 'CREATE TABLE IF NOT EXISTS raw_chunk (id uuid, seq int, bytes bytea, PRIMARY KEY (id, seq))')
  await rows(null, 'ALTER TABLE raw_chunk ALTER bytes SET STORAGE EXTERNAL')
  const part = randomBytes(1024 * 1024)
  const began = performance.now()
  for (let seq = 0; seq < UPLOAD_BYTES / part.length; seq++)
    await rows(null, 'INSERT INTO raw_chunk VALUES ($1, $2, $3)', [id, seq, part])
  return (performance.now() - began) / 1000
}

async function readingSpeed(client: Client): Promise<{ format: string; perSecond: number }[]> {
  const random = seeded(5)
  const figures: { format: string; perSecond: number }[] = []
  for (const format of ['pdf', 'docx', 'odt', 'txt'] as const satisfies readonly Format[]) {
    const files = await Promise.all(
      Array.from({ length: 60 }, (_, index) =>
        renderFile(
          write(random, 'lease', {
            name: `${format} ${index}`,
            title: `Paper ${index}`,
            format,
            date: new Date('2026-01-01T00:00:00Z'),
            length: 40,
          }),
        ),
      ),
    )
    const began = performance.now()
    const ids: string[] = []
    for (const [index, bytes] of files.entries())
      ids.push((await client.upload(`${format} ${index}.${format}`, bytes)).id)
    for (const id of ids) await client.whenRead(id)
    figures.push({ format, perSecond: ids.length / ((performance.now() - began) / 1000) })
  }
  return figures
}

const client = await newClient()
const { plan } = await client.outline()
const raw = await rawWrite()
const large = await uploadLarge(client)
const reading = await readingSpeed(client)
const began = performance.now()
const { folderIds, names, bodies } = await generatePlan(plan.id, 1000, DOCUMENTS)
console.log(`· generated ${DOCUMENTS} documents in ${Math.round((performance.now() - began) / 1000)} s`)
const scale = [
  ...(await computedInPage(20_000)),
  ...(await computedInPage(40_000)),
  ...(await movedOnServer(await newClient(), 10_000, 25_000)),
  ...(await movedOnServer(await newClient(), 20_000, 50_000)),
]
const generated = { planId: plan.id, folderIds, names, bodies }
const figures = [...(await reads(client, generated)), ...(await finds(client, generated))]
const many = [...(await manyAtOnce(client, plan.id)), ...(await suggestionSpeed(client, plan.id))]
const quality = await suggestionQuality()
const mb = UPLOAD_BYTES / 1024 / 1024
const tableOf = (some: readonly Figure[]) => `| what | p50 | p95 | n |\n|---|---|---|---|\n${some.map(row).join('\n')}`
const report = `# Figures

Made by \`npm run bench\` on ${new Date().toISOString().slice(0, 10)}: ${DOCUMENTS.toLocaleString('en-GB')} generated
documents in 1,000 folders, one client, whole requests over loopback (route, database, JSON), on a machine of two cores
that other work shares. Milliseconds.

${tableOf(figures)}

Large hierarchies: seven levels, 60 top folders, each size and its double. What the page computes is timed in
Node on the same core functions.

${tableOf(scale)}

Acts on many documents, and suggestions, in the same plan of ${DOCUMENTS.toLocaleString('en-GB')} documents, by the
route:

${tableOf(many)}

Suggestions of places: each document is held against all others (leave one out). The right folder first, and
among three; milliseconds for one in this process.

| what | first | among three | p50 | p95 | n |
|---|---|---|---|---|---|
${quality.map(qualityRow).join('\n')}

Upload of ${mb} MB in one file: ${(mb / large.seconds).toFixed(0)} MB/s, SHA-256 and HTTP included; the server's
memory grew by at most ${large.grewMB.toFixed(0)} MB.
The same bytes with plain INSERTs in the same run: ${(mb / raw).toFixed(0)} MB/s.

Reading of words, upload included, documents a second: ${reading
  .map(({ format, perSecond }) => `${format} ${perSecond.toFixed(0)}`)
  .join(', ')}.

Script of the first page (gzip): ${process.env.HEMBIX_BUNDLE_KB ?? '?'} KB.
`
if (!process.argv.includes('--no-report')) writeFileSync(new URL('report.md', import.meta.url), report)
console.log(report)
// The demo plan puts its documents into the queue.
await stopQueue()
await closeDatabase()
