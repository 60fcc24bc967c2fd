import type { DocumentId, FolderId } from '../ids'

/** Folders and documents meant together, as a selection holds them. */
export interface Things {
  readonly folderIds: readonly FolderId[]
  readonly documentIds: readonly DocumentId[]
}
