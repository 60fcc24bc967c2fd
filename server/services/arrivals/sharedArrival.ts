import { fail } from '../../../core/errors'
import { addressName, webAddress, writeUriList } from '../../../core/formats/index'
import type { StoredBlob } from '../../db/blobStore'
import type { Arrival, ArrivingFile } from './takeIn'

export interface Shared {
  readonly title: string
  readonly text: string
  readonly address: string
  /** Their bytes are stored already. */
  readonly files: readonly { readonly name: string; readonly blob: StoredBlob }[]
}

/**
 * What another program hands over: its files, an address as a link, a text as a memo. Throws request.invalid when there
 * is nothing in it.
 */
export function sharedArrival({ title, text, address: given, files }: Shared, now: Date): Arrival {
  const changedAt = now.toISOString()
  const taken: ArrivingFile[] = files.map(({ name, blob }) => ({
    fileName: name,
    content: blob,
    changedAt,
    origin: 'share',
  }))
  // Some programs put the address into the text.
  const address = webAddress(given) ?? (/\s/.test(text) ? null : webAddress(text))
  if (address !== null)
    taken.push({
      fileName: `${safe(title || addressName(address))}.uri`,
      content: Buffer.from(writeUriList({ address, title, remark: address === webAddress(text) ? '' : text })),
      changedAt,
      origin: 'link',
    })
  else if (text !== '')
    taken.push({
      fileName: `${safe(title || text.slice(0, 60).split('\n')[0] || 'Handed over')}.md`,
      content: Buffer.from(text),
      changedAt,
      origin: 'memo',
    })
  if (taken.length === 0) fail('request.invalid', { why: 'nothing was handed over' })
  return { key: null, sender: '', folder: null, files: taken }
}

const safe = (name: string) => name.replace(/[/\\]+/g, ' – ').slice(0, 120)
