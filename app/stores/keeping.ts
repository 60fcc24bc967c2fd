// What is pasted or typed in and becomes a document at once: links, texts, pictures.

import { defineStore } from 'pinia'
import { newId } from '../../contract/newId'
import type { Link } from '../../core/formats/index'
import { addressName, webAddress, writeUriList } from '../../core/formats/index'
import type { DocumentId, FolderId } from '../../core/ids'
import { contentAddress } from './content'
import { sendNew, sendSmall } from '../api/uploads'
import { useActs } from './acts'
import { useNotice } from './notice'
import { refusalOf } from './remote'
import { useUploads } from './uploads'

const NAME_LENGTH = 80

interface Taken {
  readonly files: readonly File[]
  readonly written: string
}

export const useKeeping = defineStore('keeping', () => {
  const acts = useActs()
  const notices = useNotice()
  const uploads = useUploads()

  /** Null, or why it could not be kept. */
  async function link(
    { address, title, remark }: Link,
    folderId: FolderId | null,
    origin: 'link' | 'paste' = 'link',
    alsoIn: readonly FolderId[] = [],
  ): Promise<string | null> {
    const name = title.trim() || addressName(address)
    const id = newId<DocumentId>()
    const why = await send(`${name}.uri`, writeUriList({ address, title: name, remark }), folderId, origin, id)
    if (why !== null || alsoIn.length === 0) return why
    const filed = await acts.act(
      { kind: 'document.file', documents: [{ id, name: null }], folderIds: alsoIn, tags: [] },
      { quiet: true },
    )
    return filed.ok ? null : filed.reason.message
  }

  async function text(
    written: string,
    folderId: FolderId | null,
    origin: 'memo' | 'paste' = 'paste',
  ): Promise<string | null> {
    const first =
      written
        .split('\n')
        .map(line => line.replace(/^[#>\-*\s]+/, '').trim())
        .find(line => line !== '') ?? 'Pasted'
    return send(`${first.slice(0, NAME_LENGTH).replace(/[/\\]/g, '-')}.md`, written, folderId, origin)
  }

  async function send(
    name: string,
    contents: string,
    folderId: FolderId | null,
    origin: 'link' | 'memo' | 'paste',
    documentId = newId<DocumentId>(),
  ): Promise<string | null> {
    try {
      await sendNew({ changeId: newId(), documentId, folder: folderId ?? 'in-tray', name, origin, text: contents })
      await acts.refresh()
      return null
    } catch (error) {
      return refusalOf(error).message
    }
  }

  /** What a clipboard holds: it can be looked at only while something is pasted. */
  const take = (clipboard: DataTransfer): Taken => ({
    files: [...clipboard.files],
    written: clipboard.getData('text/plain').trim(),
  })

  /** Takes what the clipboard holds: files and pictures, an address, a text. False where there is nothing to take. */
  const paste = (clipboard: DataTransfer, folderId: FolderId | null): boolean => keepTaken(take(clipboard), folderId)

  function keepTaken({ files, written }: Taken, folderId: FolderId | null): boolean {
    if (files.length > 0) void uploads.add(files.map(named), folderId, 'paste')
    else if (written === '') return false
    else {
      const address = webAddress(written)
      const isLink = address !== null && /^https?:\/\//i.test(written)
      void (isLink ? link({ address, title: '', remark: '' }, folderId, 'paste') : text(written, folderId)).then(
        why => {
          if (why !== null) notices.say(why)
        },
      )
    }
    return true
  }

  /** Keeps a picture of a memo beside it; its address for the memo, null when it was refused. */
  async function keepPicture(file: File, folderId: FolderId | null): Promise<string | null> {
    const documentId = newId<DocumentId>()
    try {
      await sendSmall(named(file), { changeId: newId(), documentId, folder: folderId ?? 'in-tray' })
      await acts.refresh()
      return contentAddress(documentId, { inline: true })
    } catch (error) {
      notices.refuse(refusalOf(error))
      return null
    }
  }

  return { link, text, take, paste, keepTaken, keepPicture }
})

/** Pictures from the clipboard are all called alike: the time tells them apart. */
function named(file: File): File {
  if (!/^image\.\w+$/.test(file.name)) return file
  const stamp = new Date().toLocaleString('sv').replaceAll(':', '.')
  return new File([file], `Picture ${stamp}.${file.name.split('.').pop() ?? 'png'}`, {
    type: file.type,
    lastModified: Date.now(),
  })
}
