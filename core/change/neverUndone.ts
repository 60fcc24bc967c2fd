// Acts that Undo does not take back, and why.

import type { ErrorCode } from '../errors'

/**
 * What was deleted for good is gone; locks are opened by their passphrase alone; what was handed over is somebody
 * else's, who can hand it back; a copy is in the hands of whoever got it.
 */
const WHY = {
  purge: 'undo.never',
  lock: 'undo.lock',
  unlock: 'undo.lock',
  handOver: 'undo.handOver',
  takeOver: 'undo.handOver',
  'copy.give': 'undo.copy',
  'copy.mail': 'undo.copy',
} as const satisfies Readonly<Record<string, ErrorCode>>

export const NEVER_UNDONE: readonly string[] = Object.keys(WHY)

/** The refusal; null: it can be undone. */
export const whyNeverUndone = (kind: string): ErrorCode | null =>
  Object.hasOwn(WHY, kind) ? WHY[kind as keyof typeof WHY] : null

export const isUndoable = (kind: string): boolean => whyNeverUndone(kind) === null

/** Acts that changed no row: whoever takes back a run of acts passes them over, and Redo outlives them. */
export const CHANGED_NO_ROW: readonly string[] = NEVER_UNDONE.filter(kind =>
  ['undo.lock', 'undo.copy'].includes(whyNeverUndone(kind) ?? ''),
)
