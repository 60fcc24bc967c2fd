// Compound files ([MS-CFB]), in which programs of before 2007 keep their documents.

import CFB from 'cfb'
import { PROTECTED, Unreadable } from './outcome'

export interface CompoundFile {
  /** A stream of the root by one of these names; undefined where there is none. */
  readonly stream: (...names: readonly string[]) => Buffer | undefined
}

export function openCompoundFile(bytes: Uint8Array, kind: string): CompoundFile {
  const file = (() => {
    try {
      return CFB.read(Buffer.from(bytes.buffer, bytes.byteOffset, bytes.length), { type: 'buffer' })
    } catch {
      throw new Unreadable(`It is named ${kind} but holds no such document.`) // the package's own words help nobody
    }
  })()
  const stream = (...names: readonly string[]) => {
    const name = names.find(one => CFB.find(file, `/${one}`))
    const content = name === undefined ? undefined : CFB.find(file, `/${name}`)?.content
    return content ? Buffer.from(content as Uint8Array) : undefined
  }
  if (stream('EncryptedPackage')) throw new Unreadable(PROTECTED)
  return { stream }
}
