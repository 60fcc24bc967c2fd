// Acts that Undo does not take back.

/** What was deleted for good is gone; locks are opened by their passphrase alone. */
export const NEVER_UNDONE = ['purge', 'lock', 'unlock'] as const

export const isUndoable = (kind: string): boolean => !(NEVER_UNDONE as readonly string[]).includes(kind)
