import mammoth from 'mammoth'
import { Unreadable } from './outcome'
import { unpack } from './zip'

export async function readDocx(bytes: Uint8Array): Promise<string> {
  const parts = await unpack(bytes, name => name === 'word/document.xml')
  if (!parts.has('word/document.xml')) throw new Unreadable('It is named DOCX but holds no such document.')
  const result = await mammoth.extractRawText({ buffer: Buffer.from(bytes) }).catch(() => {
    throw new Unreadable('It is a damaged DOCX. Open it where it was made and save it again.')
  })
  return result.value
}
