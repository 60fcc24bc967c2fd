// Versions of a document: new contents, an earlier one made current, remarks.

import type { VersionRow } from '../../rows/index'
import type { Slice } from '../slice'

export function versionOf(slice: Slice, documentId: string, number: number): VersionRow | undefined {
  return slice.versions.find(version => version.documentId === documentId && version.number === number)
}
