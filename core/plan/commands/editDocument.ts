import type { FolderId } from '../../ids'
import type { DocumentRow } from '../../rows/index'
import type { Slice } from '../slice'

export const REMARK_LIMIT = 5000

/** The folder that counts as the document's home: the one marked so, else any; null in the In-tray. */
export function homeOf(slice: Slice, document: DocumentRow): FolderId | null {
  const places = slice.placements.filter(
    ({ documentId, folderId }) =>
      documentId === document.id && (folderId === null || slice.folders.get(folderId)?.trashedAt === null),
  )
  return (places.find(placement => placement.home) ?? places[0])?.folderId ?? null
}

export function placesOf(slice: Slice, document: DocumentRow): (FolderId | null)[] {
  return slice.placements.filter(placement => placement.documentId === document.id).map(placement => placement.folderId)
}
