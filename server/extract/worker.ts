// The program of a reader's thread.

import { isReadable } from '../../core/formats/index'
import type { Readable } from '../../core/formats/index'
import { readDocx } from './docx'
import { readHtml } from './html'
import { readOdt } from './odt'
import { readMail } from './mail'
import type { Outcome, ReadTask } from './outcome'
import { Unreadable } from './outcome'
import { readPdf } from './pdf'
import { partsOf, readPlain } from './plain'

type Reader = (bytes: Uint8Array) => Promise<{ pages: readonly string[]; paged: boolean }>

const inParts = (read: (bytes: Uint8Array) => Promise<string> | string): Reader => async bytes => ({ pages: partsOf(await read(bytes)), paged: false })

const READERS: Record<Readable, Reader> = {
  pdf: async bytes => ({ pages: await readPdf(bytes), paged: true }),
  docx: inParts(readDocx),
  odt: inParts(readOdt),
  txt: inParts(readPlain),
  md: inParts(readPlain),
  csv: inParts(readPlain),
  tsv: inParts(readPlain),
  html: inParts(readHtml),
  htm: inParts(readHtml),
  uri: inParts(readPlain),
  eml: inParts(readMail),
}

export default async function read({ extension, bytes }: ReadTask): Promise<Outcome> {
  if (!isReadable(extension)) return { ok: false, reason: `There is no reader for “${extension}”.` }
  if (bytes.length === 0) return { ok: false, reason: 'It is empty: a file of zero bytes.' }
  try {
    return { ok: true, ...await READERS[extension](bytes) }
  }
  catch (error) {
    if (error instanceof Unreadable) return { ok: false, reason: error.message }
    throw error
  }
}
