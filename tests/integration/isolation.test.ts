// What a document does costs itself only.

import { readdirSync, readFileSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { strToU8, zipSync } from 'fflate'
import { v7 } from 'uuid'
import { describe, expect, it } from 'vitest'
import { rows } from '../../server/db/client'
import { notifyWork } from '../../server/db/sql/notify'
import type { Client } from '../support/client'
import { newClient } from '../support/client'

const serverPid = Number(process.env.HEMBIX_TEST_PID)

/** Processes that open documents. */
function readers(): number[] {
  return readFileSync(`/proc/${serverPid}/task/${serverPid}/children`, 'utf8')
    .trim()
    .split(' ')
    .map(Number)
    .filter(pid => pid > 0 && commandOf(pid).includes('documents.mjs'))
}

function commandOf(pid: number): string {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8')
  } catch {
    return '' // gone meanwhile
  }
}

/** A text document that takes its reader a while. */
function slow(): Buffer {
  const body = '<text:p>Rope and chain of the outer mooring</text:p>'.repeat(500_000)
  const text =
    '<office:document-content xmlns:office="o" xmlns:text="t">' +
    `<office:body>${body}</office:body></office:document-content>`
  return Buffer.from(zipSync({ 'content.xml': strToU8(text) }))
}

/** Ends every reader again and again until the document is no longer read, whatever is read beside it. */
async function killReaders(client: Client, id: string): Promise<void> {
  while (['waiting', 'reading'].includes((await client.document(id)).reading.state)) {
    for (const pid of readers()) process.kill(pid, 'SIGKILL')
    await new Promise(resolve => setTimeout(resolve, 200))
  }
}

describe('a document that ends its reader', () => {
  it('twice is laid aside, until somebody tries again', async () => {
    const client = await newClient()
    const { id } = await client.upload('mooring.odt', slow())
    await killReaders(client, id)
    const { reading } = await client.document(id)
    expect([reading.state, reading.reason]).toEqual([
      'failed',
      'It could not be read: it broke its reader. Try it again, or save it anew where it was made.',
    ])
    expect(
      await rows(
        null,
        `SELECT o.purpose, o.tries FROM opening o JOIN document d ON d.blob_id = o.blob_id WHERE d.id = $1`,
        [id],
      ),
    ).toEqual([{ purpose: 'reading', tries: 2 }])
    expect((await client.send('POST', `/api/documents/${id}/reading`, {})).status).toBe(200)
    expect((await client.whenRead(id)).reading.state).toBe('read')
  })

  it('in servers that were killed meanwhile is not opened a third time', async () => {
    const client = await newClient()
    const { id } = await client.upload('killed.txt', `some words ${v7()}`)
    await client.whenRead(id)
    await rows(
      null,
      `INSERT INTO opening (blob_id, purpose, tries, begun_at) SELECT blob_id, 'reading', 2, now() FROM document
        WHERE id = $1 RETURNING 1`,
      [id],
    )
    await rows(
      null,
      `UPDATE reading SET state = 'waiting' WHERE blob_id = (SELECT blob_id FROM document WHERE id = $1) RETURNING 1`,
      [id],
    )
    await notifyWork(null)
    expect((await client.whenRead(id)).reading.reason).toContain('it broke its reader')
  })
})

describe('the server', () => {
  it('has loaded no code that opens documents', async () => {
    const client = await newClient()
    await client.whenRead((await client.upload('read.txt', 'some words')).id)
    const native = readFileSync(`/proc/${serverPid}/maps`, 'utf8')
      .split('\n')
      .map(line => line.split(/\s+/)[5] ?? '')
      .filter(path => path.endsWith('.node'))
    expect(native).toEqual([])
    const opens =
      /from\s*['"](sharp|@napi-rs\/canvas|pdfjs-dist[^'"]*|tesseract\.js|mammoth|exceljs|postal-mime|yauzl|pdfkit)['"]/
    expect(filesIn(join('.output', 'server', 'chunks')).filter(file => opens.test(readFileSync(file, 'utf8')))).toEqual(
      [],
    )
  })

  it('is answered by readers that stand behind the server', async () => {
    const client = await newClient()
    await client.whenRead((await client.upload('priority.txt', 'some words')).id)
    // man 5 proc, stat, field 19: nice.
    const niceness = readers().map(pid =>
      Number(
        readFileSync(`/proc/${pid}/stat`, 'utf8')
          .replace(/^.*\) /s, '')
          .split(' ')[16],
      ),
    )
    expect(niceness).toContain(15)
    expect(niceness.filter(one => one < 10)).toEqual([])
  })
})

function filesIn(folder: string): string[] {
  return readdirSync(folder).flatMap(name => {
    const path = join(folder, name)
    return statSync(path).isDirectory() ? filesIn(path) : /\.mjs$/.test(name) ? [path] : []
  })
}
