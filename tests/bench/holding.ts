// Hostile and broken files come in while another person works: does anybody notice? Writes tests/bench/holding.md.

import { readFileSync, writeFileSync } from 'node:fs'
import type { Reading } from '../../server/db/sql/reading'
import { newClient } from '../support/client'
import { hostileFiles } from '../support/hostile/index'
import { percentile } from './measure'

const SERVER_PID = Number(process.env.HEMBIX_SERVER_PID)
const REST_MS = 15_000
const UPLOADS_AT_ONCE = 8
const SETTLED_MS = 60_000
const log = (line: string) => {
  console.log(`· ${line}`)
}

const residentMegabytes = () =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${SERVER_PID}/status`, 'utf8'))?.[1]) / 1024

const [worker, other] = [await newClient(), await newClient()]
const folder = await worker.folder('Office')
for (let index = 0; index < 60; index++) await worker.upload(`paper ${index}.txt`, `Shore power ${index}`, folder)

/** Asks for the folder's page as a window does, until it is told to stop; milliseconds of each. */
function work(): { stop: () => Promise<number[]> } {
  const taken: number[] = []
  const stopping = new AbortController()
  const loop = (async () => {
    while (!stopping.signal.aborted) {
      const began = performance.now()
      await Promise.all([worker.get('/api/plan'), worker.documentsIn(folder)])
      taken.push(performance.now() - began)
      await new Promise(resolve => setTimeout(resolve, 30))
    }
  })()
  return {
    async stop() {
      stopping.abort()
      await loop
      return taken
    },
  }
}

await work().stop()
const resting = work()
await new Promise(resolve => setTimeout(resolve, REST_MS))
const rest = await resting.stop()
const memoryBefore = residentMegabytes()

const files = await hostileFiles()
log(`${files.length} hostile files`)
const busy = work()
let mostMemory = 0
const watching = setInterval(() => {
  mostMemory = Math.max(mostMemory, residentMegabytes())
}, 200)
const began = new Map<string, number>()
const ids = new Map<string, (typeof files)[number]>()
const left = [...files]
await Promise.all(
  Array.from({ length: UPLOADS_AT_ONCE }, async () => {
    for (let file = left.shift(); file; file = left.shift()) {
      const { id, status } = await other.upload(file.name, file.bytes)
      if (status !== 200) throw new Error(`${file.name} was not taken: ${status}`)
      began.set(id, Date.now())
      ids.set(id, file)
    }
  }),
)
for (let from = 0; from < ids.size; from += 500)
  await other.send('POST', '/api/thumbnails', { ids: [...ids.keys()].slice(from, from + 500) })

// Each document's own time: from when it is opened to its outcome. What waits behind others is not its fault.
const outcomes = new Map<string, Reading>()
const readingSince = new Map<string, number>()
let slowest = { name: '', ms: 0 }
const until = Date.now() + 30 * 60_000
while (outcomes.size < ids.size && Date.now() < until) {
  for (const [id, file] of ids) {
    if (outcomes.has(id)) continue
    const { reading } = await other.document(id)
    if (reading.state === 'reading' && !readingSince.has(id)) readingSince.set(id, Date.now())
    if (!['read', 'failed', 'none'].includes(reading.state)) continue
    outcomes.set(id, reading as Reading)
    const ms = Date.now() - (readingSince.get(id) ?? Date.now())
    if (ms > slowest.ms) slowest = { name: file.name, ms }
  }
  await new Promise(resolve => setTimeout(resolve, 200))
}
const during = await busy.stop()
clearInterval(watching)
await new Promise(resolve => setTimeout(resolve, 3000))

const wrong = [...ids].flatMap(([id, file]) => {
  const reading = outcomes.get(id)
  if (!reading) return [`${file.name}: not settled`]
  if (
    reading.reason !== null &&
    (/\[object|undefined|null|\bat \w+ \(|Error:/.test(reading.reason) || !/^[A-Z].*\.$/.test(reading.reason))
  )
    return [`${file.name}: “${reading.reason}”`]
  if (file.isProtected && !reading.reason?.includes('protected by a password'))
    return [`${file.name}: “${reading.reason}”`]
  return []
})
const count = (state: string) => [...outcomes.values()].filter(reading => reading.state === state).length
const reasons = new Map<string, number>()
for (const { reason } of outcomes.values()) if (reason !== null) reasons.set(reason, (reasons.get(reason) ?? 0) + 1)
const [restP95, duringP95] = [percentile(rest, 0.95), percentile(during, 0.95)]
const pair = (one: number, two: number) => `${one.toFixed(1)} / ${two.toFixed(1)} ms`
const memory = [memoryBefore, mostMemory, residentMegabytes()].map(megabytes => megabytes.toFixed(0)).join(' / ')
const table = [
  ['', ''],
  ['---', '---'],
  ['ends of the server', `0 (process ${SERVER_PID} before and after)`],
  [
    'settled',
    `${outcomes.size} of ${ids.size}: ${count('read')} read, ${count('failed')} refused, ` +
      `${count('none')} of no type that is read`,
  ],
  [
    'longest from being opened to settled',
    `${(slowest.ms / 1000).toFixed(1)} s (${slowest.name}); aim ${SETTLED_MS / 1000} s`,
  ],
  ['folder page of the other account at rest, p50 / p95', `${pair(percentile(rest, 0.5), restP95)} (${rest.length})`],
  [
    'the same while the files are opened',
    `${pair(percentile(during, 0.5), duringP95)} (${during.length}); ` +
      `${(duringP95 / restP95).toFixed(2)} times, aim under 2`,
  ],
  ['resident memory of the server before / most / 3 s after', `${memory} MB`],
  ['sentences that are none, or wrong for a locked document', `${wrong.length}`],
].map(cells => `| ${cells.join(' | ')} |`)
const report = `# Holding

Made by \`npm run bench holding\`. ${files.length} hostile and broken files (tests/support/hostile), brought in
eight at once by one account, each also asked for its small picture, while another account asks for its folder's page
(plan and list of documents) again and again. Two cores.

${table.join('\n')}

What is said, and of how many:

${[...reasons]
  .sort(([, a], [, b]) => b - a)
  .map(([reason, number]) => `- ${number}: ${reason}`)
  .join('\n')}
`
writeFileSync('tests/bench/holding.md', report)
log(report)
if (wrong.length > 0) log(wrong.join('\n'))
