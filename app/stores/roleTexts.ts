import type { Role } from '../../core/rows/index'

/** What stands in the sentence: "Let Per Aske add to it". */
export const ROLE_VERBS: Readonly<Record<Role, string>> = { read: 'read', add: 'add to', edit: 'change', keep: 'keep' }

/** What each allows, where it has to be said. */
export const ROLE_MEANINGS: Readonly<Record<Role, string>> = {
  read: 'See it, search in it and download it.',
  add: 'Read it, bring documents in, and change or delete those they brought; never those of others.',
  edit: 'Read it and change everything in it: names, places, new folders, the Trash. Not who else may.',
  keep: 'Everything, also who else may.',
}

export const COPY_MEANING =
  'A document of their own, in their In-tray, as it is now. What becomes of yours does not touch it, and it ' +
  'stays theirs.'

/** Which make sense for what is given. */
export const ROLES_FOR: Readonly<Record<'plan' | 'folder' | 'document', readonly Role[]>> = {
  plan: ['read', 'add', 'edit'],
  folder: ['read', 'add', 'edit'],
  document: ['read', 'edit'],
}
