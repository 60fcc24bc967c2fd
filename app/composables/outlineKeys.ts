/** The keys of the outline, and what they do: heard by this table and listed from it. */
export const OUTLINE_KEYS = {
  ArrowDown: 'The next folder',
  ArrowUp: 'The folder before',
  Home: 'The first folder',
  End: 'The last folder',
  ArrowRight: 'Open a branch, or go into it',
  ArrowLeft: 'Close a branch, or go to the parent',
  Enter: 'Show the folder',
  F2: 'Rename it',
} as const

/** With Alt the folder itself is laid elsewhere (`placing`). */
export const LAYING_KEYS = {
  'Alt+ArrowUp': 'Lay it before its neighbour',
  'Alt+ArrowDown': 'Lay it behind its neighbour',
  'Alt+ArrowLeft': 'Lay it out of its parent',
  'Alt+ArrowRight': 'Lay it into the folder above it',
} as const
