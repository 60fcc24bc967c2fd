// What a mailbox, a message or an archive holds, as files of their own.

import { openMail, readMessage } from './mail'
import { messagesIn } from './mbox'
import type { HeldFile } from './outcome'
import { filesInPdf } from './pdf'
import { Unreadable } from './outcome'
import { unpack } from './zip'

const COUNT_LIMIT = 5000
// What systems put into archives for themselves.
const OF_A_SYSTEM = /(^|\/)(__MACOSX\/|\.DS_Store$|Thumbs\.db$|desktop\.ini$)/i

/** Throws Unreadable, whose message is for the person; [] where it holds nothing. */
export async function filesIn(extension: string, bytes: Uint8Array): Promise<HeldFile[]> {
  const found = await FILES[extension]?.(bytes)
  if (!found) throw new Unreadable('What is in it cannot be taken out.')
  if (found.length > COUNT_LIMIT)
    throw new Unreadable(
      `It holds more than ${COUNT_LIMIT.toLocaleString('en-GB')} documents. Take it apart on your own machine ` +
        'and bring in its parts.',
    )
  return found
}

const FILES: Readonly<Record<string, (bytes: Uint8Array) => Promise<HeldFile[]>>> = {
  async mbox(bytes) {
    const files: HeldFile[] = []
    for (const message of messagesIn(bytes).slice(0, COUNT_LIMIT + 1))
      files.push({ path: `${inOneName((await readMessage(message)).subject) || 'Message'}.eml`, bytes: message })
    return files
  },
  async pdf(bytes) {
    return (await filesInPdf(bytes)).map(({ name, bytes: content }) => ({ path: inOneName(name), bytes: content }))
  },
  async eml(bytes) {
    return (await openMail(bytes)).attachments.map(({ fileName, bytes: content }) => ({
      path: inOneName(fileName),
      bytes: content,
    }))
  },
  async zip(bytes) {
    const entries = await unpack(bytes, name => !/[/\\]$/.test(name) && !OF_A_SYSTEM.test(name), { whole: true })
    return [...entries].flatMap(([name, content]) => {
      // An archive can name anything: nothing leads out of the folder, and no part is empty.
      const path = name.split(/[/\\]/).filter(part => !['', '.', '..'].includes(part.trim()))
      return path.length === 0 ? [] : [{ path: path.join('/'), bytes: content }]
    })
  },
}

const inOneName = (text: string) => text.replace(/[/\\]/g, '-').trim()
