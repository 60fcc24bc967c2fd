// Adding a small file to a folder that holds a great many, beside the statement that read all their names for it.

import { v7 } from 'uuid'
import type { FolderId } from '../../core/ids'
import { withTransaction } from '../../server/db/client'
import { documentsInFolders } from '../../server/db/sql/planRows'
import type { Client } from '../support/client'
import type { Figure } from './measure'
import { timings } from './measure'

export async function addingToFolder(client: Client, planId: string, folderId: FolderId): Promise<Figure[]> {
  const empty = await client.folder(`Empty ${v7()}`)
  const names = Array.from({ length: 60 }, () => `note ${v7()}.bin`)
  const add = (folder: FolderId) => (name: string) => client.upload(name, name, folder)
  return [
    await timings('adding a file to an empty folder', names, add(empty)),
    await timings('adding a file to the large folder', names, add(folderId)),
    await timings('adding one whose name is taken there', names, add(folderId)),
    await timings('before: reading all names of the large folder, plain SQL', names.slice(0, 12), () =>
      withTransaction(transaction => documentsInFolders(transaction, planId, [folderId])),
    ),
  ]
}
