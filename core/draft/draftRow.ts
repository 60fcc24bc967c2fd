// A line of a draft as a folder, and what applying would do to it.

import type { FolderId } from '../ids'

export type LineState = 'new' | 'renamed' | 'moved' | 'reordered' | 'renumbered' | 'recoloured' | 'described'

export interface DraftRow {
  readonly line: number
  readonly id: FolderId
  readonly parent: number
  readonly depth: number
  readonly name: string
  readonly code: string
  readonly meaning: string | null
  /** Empty: it stays as it is. */
  readonly states: readonly LineState[]
  /** Code and name as they are now, where they differ. */
  readonly was: string | null
}
