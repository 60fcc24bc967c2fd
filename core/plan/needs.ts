import type { BundleId, DocumentId, FolderId, MeaningId, TagId } from '../ids'
import type { Command } from './command'

/** Which documents a command has to see; all folders, meanings and the plan itself are always there. */
export interface Needs {
  readonly documentIds: readonly DocumentId[]
  /** All documents of this folder, for their names. */
  readonly inFolder: FolderId | null
  /** All documents that lie in these folders themselves. */
  readonly inFolders: readonly FolderId[]
  /** All documents of these folders and of everything below them. */
  readonly inBranches: readonly FolderId[]
  /** All documents that carry this meaning themselves. */
  readonly meaningId: MeaningId | null
  /** All taggings of these tags. */
  readonly tagIds: readonly TagId[]
  /** All taggings of these folders and documents. */
  readonly taggedIds: readonly string[]
  /** All versions of these documents. */
  readonly versionsOf: readonly DocumentId[]
  /** The stars of these things. */
  readonly starIds: readonly string[]
  /** All tags, all standing orders of the plan. */
  readonly tags: boolean
  readonly orders: boolean
  /** All kept searches; all bundles, with what is in the one named. */
  readonly searches: boolean
  readonly bundleId: BundleId | null
  /** All documents in the Trash that came there with one of these ids. */
  readonly trashRoots: readonly string[]
}

const NOTHING: Needs = { documentIds: [], inFolder: null, inFolders: [], meaningId: null, inBranches: [], trashRoots: [], tagIds: [], taggedIds: [], versionsOf: [], starIds: [], tags: false, orders: false, searches: false, bundleId: null }

export function needsOf(command: Command): Needs {
  switch (command.kind) {
    case 'document.add': return { ...NOTHING, inFolder: command.folderId, inFolders: [...new Set(command.files.flatMap(file => file.folderId ?? []))] }
    case 'document.rename':
    case 'document.remark': return { ...NOTHING, documentIds: [command.id] }
    case 'meaning.drop': return { ...NOTHING, meaningId: command.id, tags: true }
    case 'folder.register': return command.on ? { ...NOTHING, inFolder: command.id } : NOTHING
    case 'document.names': return { ...NOTHING, documentIds: command.names.map(({ id }) => id) }
    case 'document.write': return { ...NOTHING, documentIds: [command.id] }
    case 'version.current':
    case 'version.remark': return { ...NOTHING, documentIds: [command.documentId], versionsOf: [command.documentId] }
    case 'document.file': return fileNeeds(command)
    case 'order.set':
    case 'order.drop': return { ...NOTHING, orders: true }
    case 'search.keep':
    case 'search.drop': return { ...NOTHING, searches: true }
    case 'search.folder': return { ...NOTHING, searches: true, documentIds: command.documentIds }
    case 'folder.tag': return { ...NOTHING, tags: true, inBranches: [command.id], tagIds: [command.tag.id] }
    case 'bundle.set': return { ...NOTHING, bundleId: command.id, documentIds: command.documentIds ?? [] }
    case 'bundle.put': return { ...NOTHING, bundleId: command.id, documentIds: command.documentIds }
    case 'bundle.take':
    case 'bundle.order':
    case 'bundle.drop': return { ...NOTHING, bundleId: command.id }
    case 'tag.set': return { ...NOTHING, tags: true }
    case 'place.home': return { ...NOTHING, documentIds: [command.documentId] }
    case 'place.remove': return { ...NOTHING, documentIds: command.documentIds }
    case 'document.copy': return { ...NOTHING, documentIds: command.copies.map(({ id }) => id), inFolder: command.folderId, inBranches: (command.folders ?? []).map(({ id }) => id) }
    case 'tag.put':
    case 'tag.take': return { ...NOTHING, tags: true, documentIds: command.documentIds, taggedIds: [...command.folderIds, ...command.documentIds] }
    case 'tag.merge': return { ...NOTHING, tags: true, tagIds: [command.id, command.into] }
    case 'tag.drop': return { ...NOTHING, tags: true, tagIds: [command.id] }
    case 'document.colour':
    case 'move': return { ...NOTHING, documentIds: command.documentIds }
    case 'star': return { ...NOTHING, documentIds: command.documentIds, starIds: [...command.folderIds, ...command.documentIds] }
    case 'trash': return { ...NOTHING, documentIds: command.documentIds, inBranches: command.folderIds }
    case 'restore': return { ...NOTHING, trashRoots: [...command.folderIds, ...command.documentIds] }
    case 'folder.duplicate': return command.withDocuments ? { ...NOTHING, inBranches: [command.id] } : NOTHING
    case 'folder.merge': return { ...NOTHING, inBranches: [command.fromId, command.intoId] }
    case 'draft.apply': return { ...NOTHING, inFolders: command.removed.map(({ id }) => id) }
    default: return NOTHING
  }
}

function fileNeeds({ documents, tags, by }: Extract<Command, { kind: 'document.file' }>): Needs {
  const ids = documents.map(({ id }) => id)
  return { ...NOTHING, documentIds: ids, taggedIds: tags.length > 0 ? ids : [], tags: tags.length > 0, starIds: by?.star ? ids : [] }
}
