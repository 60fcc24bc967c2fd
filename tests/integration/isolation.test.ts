// What a document does costs itself only.

import { readdirSync, readFileSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { strToU8, zipSync } from 'fflate'
import { describe, expect, it } from 'vitest'
import type { Client } from '../support/client'
import { newClient } from '../support/client'

const serverPid = Number(process.env.HEMBIX_TEST_PID)

/** Processes that open documents. */
function readers(): number[] {
  return readFileSync(`/proc/${serverPid}/task/${serverPid}/children`, 'utf8').trim().split(' ').map(Number)
    .filter(pid => pid > 0 && commandOf(pid).includes('documents.mjs'))
}

function commandOf(pid: number): string {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8')
  }
  catch {
    return '' // gone meanwhile
  }
}

/** A text document that takes its reader a while. */
const slow = () => Buffer.from(zipSync({ 'content.xml': strToU8(`<office:document-content xmlns:office="o" xmlns:text="t"><office:body>${'<text:p>Rope and chain of the outer mooring</text:p>'.repeat(500_000)}</office:body></office:document-content>`) }))

async function killReader(client: Client, id: string): Promise<void> {
  for (;;) {
    const { reading } = await client.document(id)
    if (reading.state === 'reading') break
    await new Promise(resolve => setTimeout(resolve, 10))
  }
  await new Promise(resolve => setTimeout(resolve, 100))
  for (const pid of readers()) process.kill(pid, 'SIGKILL')
}

describe('a document that ends its reader', () => {
  it('once is read again; twice it is laid aside, until somebody tries again', async () => {
    const client = await newClient()
    const { id } = await client.upload('mooring.odt', slow())
    await killReader(client, id)
    await new Promise(resolve => setTimeout(resolve, 300))
    await killReader(client, id)
    const { reading } = await client.whenRead(id)
    expect([reading.state, reading.reason]).toEqual(['failed', 'It could not be read: it broke its reader. Try it again, or save it anew where it was made.'])
    expect((await client.send('POST', `/api/documents/${id}/reading`, {})).status).toBe(200)
    expect((await client.whenRead(id)).reading.state).toBe('read')
  })
})

describe('the server', () => {
  it('has loaded no code that opens documents', async () => {
    const client = await newClient()
    await client.whenRead((await client.upload('read.txt', 'some words')).id)
    const native = readFileSync(`/proc/${serverPid}/maps`, 'utf8').split('\n').map(line => line.split(/\s+/)[5] ?? '').filter(path => path.endsWith('.node'))
    expect(native).toEqual([])
    const opens = /from\s*['"](sharp|@napi-rs\/canvas|pdfjs-dist[^'"]*|tesseract\.js|mammoth|exceljs|postal-mime|yauzl|pdfkit)['"]/
    expect(filesIn(join('.output', 'server', 'chunks')).filter(file => opens.test(readFileSync(file, 'utf8')))).toEqual([])
  })

  it('is answered by readers of the lowest priority', async () => {
    const client = await newClient()
    await client.whenRead((await client.upload('priority.txt', 'some words')).id)
    // man 5 proc, stat, field 19: nice.
    expect(readers().map(pid => readFileSync(`/proc/${pid}/stat`, 'utf8').replace(/^.*\) /s, '').split(' ')[16])).toContain('19')
  })
})

function filesIn(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name)
    return statSync(path).isDirectory() ? filesIn(path) : /\.mjs$/.test(name) ? [path] : []
  })
}
