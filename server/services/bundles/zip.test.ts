import { unzipSync } from 'fflate'
import { describe, expect, it } from 'vitest'
import type { ZippedFile } from './zip'
import { zipOf } from './zip'

async function* bytesOf(...parts: string[]): AsyncGenerator<Uint8Array> {
  for (const part of parts) yield await Promise.resolve(Buffer.from(part))
}

function file(name: string, ...parts: string[]): ZippedFile {
  return {
    name,
    changedAt: new Date('2026-03-04T05:06:08Z'),
    isPacked: false,
    read: () => Promise.resolve(bytesOf(...parts)),
  }
}

async function zipped(files: Iterable<ZippedFile>): Promise<Buffer> {
  const parts: Uint8Array[] = []
  for await (const part of zipOf(files)) parts.push(part)
  return Buffer.concat(parts)
}

const END_OF_ZIP64 = Buffer.from([0x50, 0x4b, 0x06, 0x06])

describe(zipOf, () => {
  it('gives each file under its name, packed or as it is, also empty ones and names of any script', async () => {
    const text = 'rope '.repeat(2000)
    const bytes = await zipped([
      file('Übersicht 港.txt', text, text),
      { ...file('as it is.txt', text), isPacked: true },
      file('empty.txt'),
    ])
    const files = Object.entries(unzipSync(bytes)).map(([name, content]) => [name, Buffer.from(content).toString()])
    expect(files).toEqual([
      ['Übersicht 港.txt', text + text],
      ['as it is.txt', text],
      ['empty.txt', ''],
    ])
    expect(bytes.length).toBeLessThan(text.length * 1.3)
    expect(bytes.includes(END_OF_ZIP64)).toBe(false)
  })

  it('opens a file only when the archive has come to it', async () => {
    const opened: string[] = []
    const watched = (name: string): ZippedFile => ({
      ...file(name),
      read: () => {
        opened.push(name)
        return Promise.resolve(bytesOf('x'.repeat(2_000_000)))
      },
      isPacked: true,
    })
    const archive = zipOf([watched('a'), watched('b'), watched('c')])
    await archive.next()
    expect(opened).toEqual(['a'])
    await archive.return(undefined)
    expect(opened).toEqual(['a'])
  })

  it('ends with the fault of what it reads', async () => {
    const broken = { ...file('b'), read: () => Promise.reject(new Error('the database is away')) }
    await expect(zipped([file('a', 'x'), broken, file('c', 'x')])).rejects.toThrow('the database is away')
  })
})
