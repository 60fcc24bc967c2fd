// Entries of a ZIP container, unpacked with a limit that counts what really comes out, since the
// sizes written in a container can lie.

import yauzl from 'yauzl'
import { PROTECTED, Unreadable } from './outcome'

export const UNPACKED_LIMIT_BYTES = 100 * 1024 * 1024
const ENTRY_LIMIT = 10_000
const CUT_OFF = 'A part of it cannot be unpacked. Open it where it was made and save it again.'

/**
 * Unpacks the entries that `wanted` names; all others are only counted against the limit. Of a damaged entry what came
 * before the damage is kept, unless they are to be whole.
 */
export async function unpack(
  bytes: Uint8Array,
  wanted: (name: string) => boolean,
  { limitBytes = UNPACKED_LIMIT_BYTES, whole = false }: { readonly limitBytes?: number; readonly whole?: boolean } = {},
): Promise<Map<string, Buffer>> {
  const zip = await open(bytes)
  const entries = new Map<string, Buffer>()
  let total = 0
  return new Promise((resolve, reject) => {
    const stop = (error: Error) => {
      zip.close()
      reject(error)
    }
    zip.on('error', () =>
      stop(new Unreadable('Its container is damaged. Open it where it was made and save it again.')),
    )
    zip.on('end', () => resolve(entries))
    zip.on('entry', (entry: yauzl.Entry) => {
      if (zip.entriesRead > ENTRY_LIMIT) return stop(tooMuch(limitBytes))
      if (entry.isEncrypted() && wanted(entry.fileName)) return stop(new Unreadable(PROTECTED))
      if (entry.isEncrypted()) return zip.readEntry()
      zip.openReadStream(entry, (error, stream) => {
        if (error) return stop(new Unreadable(CUT_OFF))
        const parts: Buffer[] = []
        stream.on('data', (part: Buffer) => {
          total += part.length
          if (total > limitBytes) {
            stream.destroy()
            return stop(tooMuch(limitBytes))
          }
          if (wanted(entry.fileName)) parts.push(part)
        })
        stream.on('error', () => {
          if (whole) return stop(new Unreadable(CUT_OFF))
          if (wanted(entry.fileName)) entries.set(entry.fileName, Buffer.concat(parts))
          zip.readEntry()
        })
        stream.on('end', () => {
          if (wanted(entry.fileName)) entries.set(entry.fileName, Buffer.concat(parts))
          zip.readEntry()
        })
      })
    })
    zip.readEntry()
  })
}

/** The same of a container that was read already: nothing is unpacked where no name is wanted, as in most. */
export async function unpackWithin(
  bytes: Uint8Array,
  wanted: (name: string) => boolean,
): Promise<ReadonlyMap<string, Buffer>> {
  return (await namesIn(bytes)).split('\n').some(wanted) ? unpack(bytes, wanted) : new Map<string, Buffer>()
}

/** The names in an archive, one a line; nothing of it is unpacked. */
export async function namesIn(bytes: Uint8Array): Promise<string> {
  const zip = await open(bytes)
  const names: string[] = []
  return new Promise((resolve, reject) => {
    zip.on('error', () => reject(new Unreadable('It is a damaged archive.')))
    zip.on('end', () => resolve(names.join('\n')))
    zip.on('entry', (entry: yauzl.Entry) => {
      names.push(entry.fileName)
      if (names.length < ENTRY_LIMIT) return zip.readEntry()
      zip.close()
      resolve(names.join('\n'))
    })
    zip.readEntry()
  })
}

function tooMuch(limitBytes: number): Unreadable {
  return new Unreadable(
    `It unpacks to more than ${Math.round(limitBytes / 1024 / 1024)} MB, which no honest document of this ` +
      'kind does; it was not opened.',
  )
}

// A protected Office Open XML document is a compound file ([MS-CFB]) with a stream of this name ([MS-OFFCRYPTO],
// 1.3.3).
const COMPOUND_FILE = Buffer.from('d0cf11e0a1b11ae1', 'hex')
const ENCRYPTED_STREAM = Buffer.from('EncryptedPackage', 'utf16le')

function open(bytes: Uint8Array): Promise<yauzl.ZipFile> {
  const buffer = Buffer.from(bytes.buffer, bytes.byteOffset, bytes.length)
  if (buffer.subarray(0, COMPOUND_FILE.length).equals(COMPOUND_FILE) && buffer.includes(ENCRYPTED_STREAM))
    return Promise.reject(new Unreadable(PROTECTED))
  return new Promise((resolve, reject) => {
    yauzl.fromBuffer(withoutComment(buffer), { lazyEntries: true, validateEntrySizes: false }, (error, zip) => {
      if (error) reject(new Unreadable('It is not what its name says: it holds no such document.'))
      else resolve(zip)
    })
  })
}

// APPNOTE of ZIP, 4.3.16: the record at the end, with the length of the comment behind it in its last two bytes.
const [END_RECORD, END_BYTES, COMMENT_LIMIT] = [Buffer.from('PK\u0005\u0006', 'latin1'), 22, 0xffff]

/** Some programs write a comment of another length than they say, which other readers overlook. */
function withoutComment(archive: Buffer): Buffer {
  const at = archive.lastIndexOf(END_RECORD)
  const behind = archive.length - at - END_BYTES
  if (at < 0 || behind < 0 || behind > COMMENT_LIMIT) return archive
  if (archive.readUInt16LE(at + END_BYTES - 2) === behind) return archive
  const cut = Buffer.from(archive.subarray(0, at + END_BYTES))
  cut.writeUInt16LE(0, at + END_BYTES - 2)
  return cut
}
