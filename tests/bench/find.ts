// The figures of finding: how well (on the demo plan) and how fast (on generated ones). Started by "npm run bench".

import { writeFileSync } from 'node:fs'
import { seedDemo } from '../../demo/seed'
import { closeDatabase, rows } from '../../server/db/client'
import { stopQueue } from '../../server/db/queue'
import type { Actor } from '../../server/services/actor'
import { newClient } from '../support/client'
import { fillPlan, findFigures, indexSize } from './findScale'
import { demoActor, findQuality, qualityLine } from './known'
import type { Figure } from './measure'
import { row } from './measure'

const SIZES = (process.env.HEMBIX_BENCH_FIND ?? '100000').split(',').map(Number)
const log = (line: string): void => {
  console.log(`· ${line}`)
}

/** The demo plan, read to its last page but for what has to be recognised. */
async function demoRead(): Promise<void> {
  await seedDemo(() => {
    /* the lines of a start are of no use here */
  })
  for (;;) {
    const [left] = await rows<{ count: number }>(
      null,
      `SELECT count(*)::int AS count FROM reading WHERE state IN ('waiting', 'reading')`,
    )
    if (left?.count === 0) return
    await new Promise(resolve => setTimeout(resolve, 500))
  }
}

await demoRead()
const quality = await findQuality(await demoActor())
log(`found: ${quality.map(({ name, mrr }) => `${name} ${mrr.toFixed(3)}`).join(', ')}`)
const parts: string[] = []
const measured: { readonly size: number; readonly figures: readonly Figure[] }[] = []
let documents = 0
for (const size of SIZES) {
  documents += size
  const client = await newClient()
  const { plan } = await client.outline()
  const [account] = await rows<Pick<Actor, 'accountId' | 'email'>>(
    null,
    'SELECT account_id AS "accountId", a.email FROM plan p JOIN account a ON a.id = p.account_id WHERE p.id = $1',
    [plan.id],
  )
  if (!account) throw new Error('The plan has no owner.')
  log(`a plan of ${size.toLocaleString('en-GB')} documents`)
  const filled = await fillPlan(plan.id, size, log)
  const figures = await findFigures({ ...account, planId: plan.id }, filled)
  const sizes = await indexSize(documents)
  measured.push({ size, figures })
  parts.push(`## ${size.toLocaleString('en-GB')} documents in 20,000 folders

| what | p50 | p95 | n |
|---|---|---|---|
${figures.map(row).join('\n')}

Size of what is searched, with its indexes, KB for each 1,000 documents: ${sizes
    .map(({ name, kb }) => `${name} ${kb.toFixed(0)}`)
    .join(', ')}.`)
}
/** How the median and the 95th percentile grow from the smallest plan to the largest; empty for one plan. */
function growth(): string {
  const [first, last] = [measured[0], measured.at(-1)]
  if (!first || !last || first === last) return ''
  const times = (a: number, b: number) => `${(b / a).toFixed(1)} x`
  const lines = first.figures.map(
    (figure, index) =>
      `| ${figure.name} | ${times(figure.p50, last.figures[index]?.p50 ?? 0)} | ` +
      `${times(figure.p95, last.figures[index]?.p95 ?? 0)} |`,
  )
  return (
    `\n## From ${first.size.toLocaleString('en-GB')} to ${last.size.toLocaleString('en-GB')} ` +
    `documents\n\n| what | p50 | p95 |\n|---|---|---|\n${lines.join('\n')}\n`
  )
}

const report = `# Figures of finding

Made by \`npm run bench\` on ${new Date().toISOString().slice(0, 10)}. Milliseconds of the services (database and what
is computed, no HTTP), one client, on a machine of two cores that other work shares. Words by Zipf's law, names of 3 to
6 words, 30 to 120 words inside, four languages and none.

${parts.join('\n\n')}
${growth()}
## How well

Known items of the demo plan: what somebody remembers of a document is searched for; the mean reciprocal rank of the
document in the answer, and how often it stands first. Slips, words and phrases are drawn from the documents
themselves, such that at most two documents fit.

| remembered | mean reciprocal rank | first | n |
|---|---|---|---|
${quality.map(qualityLine).join('\n')}
`
writeFileSync(new URL('finding.md', import.meta.url), report)
console.log(report)
// The demo plan puts its documents into the queue.
await stopQueue()
await closeDatabase()
