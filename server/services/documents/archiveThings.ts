// Folders with all below, and documents, as one ZIP whose folders are named as they are written: "1.1 Berth leases".

import { fail } from '../../../core/errors'
import { archivePaths, isPacked } from '../../../core/formats/index'
import type { FolderId } from '../../../core/ids'
import { codedName, numberTree } from '../../../core/numbering/index'
import { branchOf, outlineOf, pathOf } from '../../../core/tree/index'
import type { FiledDocument } from '../../db/sql/archive'
import { documentsByIds, documentsInPlaces } from '../../db/sql/archive'
import { planById } from '../../db/sql/planRows'
import type { Actor } from '../actor'
import { LOCALE } from '../actor'
import type { Archive } from '../bundles/archive'
import { archiveOf } from '../bundles/archive'
import { currentFolders, liveFolders } from '../plan/planFolders'

export interface ArchiveRequest {
  readonly folderIds: readonly FolderId[]
  readonly documentIds: readonly string[]
}

/**
 * Without any: the whole plan, with what waits in the In-tray. What else is asked for and is not there is left out.
 * Throws notFound, archive.empty.
 */
export async function archiveThings(actor: Actor, { folderIds, documentIds }: ArchiveRequest): Promise<Archive> {
  const plan = (await planById(actor.planId)) ?? fail('notFound')
  const isWhole = folderIds.length === 0 && documentIds.length === 0
  const { tree, codes } = numberTree(plan, liveFolders(await currentFolders(actor.planId)), LOCALE)
  for (const id of folderIds) if (!tree.byId.has(id)) fail('notFound')
  const inside: string[] = isWhole
    ? [...outlineOf(tree).map(({ folder }) => folder.id), actor.planId] // the plan itself is the In-tray
    : [...new Set(folderIds.flatMap(id => branchOf(tree, id).map(below => below.id)))]
  const [filed, chosen] = await Promise.all([
    inside.length > 0 ? documentsInPlaces(actor.planId, inside) : [],
    documentIds.length > 0 ? documentsByIds(actor.planId, documentIds) : [],
  ])
  const written = (id: FolderId) => codedName(codes.get(id)?.code ?? '', tree.byId.get(id)?.name ?? '')
  /** From the chosen folder down, so that the archive begins with it and not with all above. */
  const foldersOf = ({ folderId }: FiledDocument): string[] => {
    if (folderId === null) return ['In-tray']
    const path = pathOf(tree, folderId as FolderId).map(({ id }) => id)
    const from = isWhole ? 0 : path.findIndex(id => folderIds.includes(id))
    return path.slice(from).map(written)
  }
  const documents = [
    ...chosen.map(one => ({ ...one, folders: [] })),
    ...filed.map(one => ({ ...one, folders: foldersOf(one) })),
  ]
  const [onlyFolder] = folderIds
  const name =
    onlyFolder !== undefined && folderIds.length === 1 && chosen.length === 0 ? written(onlyFolder) : plan.name
  if (documents.length === 0) fail('archive.empty', { name })
  const paths = archivePaths(documents)
  return archiveOf(
    actor,
    name,
    documents.map(({ id, changedAt, extension }, index) => ({
      id,
      changedAt,
      isPacked: isPacked(extension),
      path: paths[index] ?? id,
    })),
  )
}
