// What the process that opens documents does with each task. What a task needs is loaded with the first of its kind.

import type { ReadableFormat } from '../../core/formats/index'
import { hasThumbnail, readableFormat } from '../../core/formats/index'
import type { TickCount } from '../../core/text/index'
import { countTicks, indexedText } from '../../core/text/index'
import { extensionOf } from './contentType'
import type { RecognisedBody, Task } from './outcome'
import { Unreadable } from './outcome'
import { withinLimit } from './parts'
import { READERS } from './readers'

/**
 * The outcome of a task: what is wrong with a document is `ok: false`. Throws what a damaged document makes of its
 * reader.
 */
export async function outcomeOf(task: Task): Promise<object> {
  try {
    return await carryOut(task)
  } catch (error) {
    if (error instanceof Unreadable) return { ok: false, reason: error.message }
    throw error
  }
}

/** Throws Unreadable, whose message is for the person, and whatever a damaged document makes of its reader. */
async function carryOut(task: Task): Promise<object> {
  switch (task.kind) {
    case 'read':
      return { ok: true, ...(await read(await reading(task.extension, task.bytes), task.recognised)) }
    case 'draw': {
      const format = await reading(task.extension, task.bytes)
      return {
        ok: true,
        picture:
          format === 'pdf'
            ? await (await import('./pdf')).drawPdfPage(task.bytes, task.page)
            : await (await import('./picture')).drawPicture(task.bytes, task.page),
      }
    }
    case 'thumbnail': {
      const extension = hasThumbnail(task.extension)
        ? await extensionOf(task.extension, notEmpty(task.bytes))
        : task.extension
      return { ok: true, picture: await (await import('./thumbnail')).drawThumbnail(extension, task.bytes, task.text) }
    }
    case 'mail':
      return { ok: true, ...(await (await import('./mail')).openMail(task.bytes)) }
    case 'contents':
      return { ok: true, files: await (await import('./contents')).filesIn(task.extension, notEmpty(task.bytes)) }
    case 'page.look':
      return { ok: true, ...(await (await import('./scanPicture')).lookAtScan(Buffer.from(task.bytes))) }
    case 'page.draw':
      return {
        ok: true,
        ...(await (await import('./scanPicture')).drawScan(Buffer.from(task.bytes), task.edits, task.width)),
      }
    case 'page.compose':
      return {
        ok: true,
        bytes: await (
          await import('./scanPdf')
        ).composePdf(picturesIn(task.bytes, task.lengths), task.pages, task.title, task.now),
      }
    case 'page.simulate':
      return { ok: true, pages: (await import('./simulatedSheets')).simulatedSheets(task.turn) }
    case 'ready': {
      await Promise.all([import('./pdf'), import('./picture'), import('./scanPicture'), import('./simulatedSheets')])
      return { ok: true }
    }
    case 'index':
      return { ok: true, ...indexedText(JSON.parse(Buffer.from(task.bytes).toString()) as string[]) }
  }

  async function read(format: ReadableFormat, recognised: readonly RecognisedBody[]): Promise<object> {
    const { pages: all, paged, scans = [], title = '', author = '' } = await READERS[format](task.bytes)
    const pages = withinLimit(all)
    const known = new Map(recognised.filter(({ page }) => scans.includes(page)).map(({ page, body }) => [page, body]))
    const indexed = indexedText(
      pages.map(({ body }, index) => known.get(index + 1) ?? body),
      { title, author },
    )
    // PostgreSQL's text holds no NUL.
    const named = pages.map(({ kind, name }) => ({ kind, name: name.replaceAll('\0', '') }))
    return {
      ...indexed,
      pages: indexed.pages.map((page, index) => ({ ...page, ...(named[index] ?? { kind: 'text', name: '' }) })),
      paged,
      scans,
      // Bytes are read once, whatever they are called.
      ticks: format === 'md' || format === 'txt' ? countTicks(pages.map(({ body }) => body).join('')) : NO_TICKS,
    }
  }
}

const NO_TICKS: TickCount = { all: 0, done: 0 }

/** The format by whose reader these bytes are opened. */
async function reading(named: string, bytes: Uint8Array): Promise<ReadableFormat> {
  const extension = await extensionOf(named, notEmpty(bytes))
  return readableFormat(extension) ?? noReader(extension)
}

function noReader(extension: string): never {
  throw new Unreadable(`There is no reader for “${extension}”.`)
}

function notEmpty(bytes: Uint8Array): Uint8Array {
  if (bytes.length === 0) throw new Unreadable('It is empty: a file of zero bytes.')
  return bytes
}

function picturesIn(bytes: Uint8Array, lengths: readonly number[]): Buffer[] {
  let at = 0
  return lengths.map(length => Buffer.from(bytes.subarray(at, (at += length))))
}
