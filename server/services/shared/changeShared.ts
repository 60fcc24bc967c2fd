// What people change in the plan of another: bounded by what was given to them and by their role. Every change is the
// plan's own, by their name, and can be undone.

import { includesRole } from '../../../core/access/index'
import { fail, HembixError } from '../../../core/errors'
import type { DocumentId, FolderId } from '../../../core/ids'
import type { ClientCommand, SharedCommand } from '../../../core/plan/commands/index'
import { sharedCommand } from '../../../core/plan/commands/index'
import type { JournalEntry } from '../../db/sql/journal'
import { broughtBy, entryById, rowsOfEntry } from '../../db/sql/journal'
import { placementsOf } from '../../db/sql/planRows'
import { applyCommand } from '../changes/applyCommand'
import { undoChange } from '../changes/undo'
import type { PlainUpload } from '../uploads/plainUpload'
import { takePlainUpload } from '../uploads/plainUpload'
import type { Scope } from './scope'
import { actorIn, documentIn, folderIn, isIn } from './scope'

/** What an entry says to whoever is not the owner: its words name places, which may lie outside of what was given. */
export const told = ({ id, revision, at, kind }: JournalEntry) => ({ id, revision, at, kind })

/**
 * Throws right.missing, right.elsewhere, notFound for whatever lies outside of what was given, and what the command
 * itself throws.
 */
export async function changeShared(scope: Scope, changeId: string, command: ClientCommand, now: Date) {
  const asked = sharedCommand(command) ?? fail('right.missing')
  await checkTouched(scope, asked)
  const isOwn = asked.documentIds.length > 0 && asked.changedFolderIds.length === 0
  const actor = actorIn(scope, isOwn ? asked.own : asked.role)
  if (
    !includesRole(scope.role, asked.role) &&
    (await broughtBy(actor, asked.documentIds)).length < asked.documentIds.length
  )
    fail('right.missing')
  // A namesake elsewhere is nobody's business here.
  const quiet = command.kind === 'document.rename' ? { ...command, allowTwin: true } : command
  return told(await applyCommand(actor, changeId, quiet, now))
}

async function checkTouched(scope: Scope, asked: SharedCommand) {
  const { folderIds, changedFolderIds, documentIds, takesAway } = asked
  for (const id of folderIds) if (id === null ? scope.target !== 'plan' : !isIn(scope, id)) fail('notFound')
  for (const id of changedFolderIds) {
    folderIn(scope, id)
    if (id === scope.top?.id) fail('right.missing')
  }
  const documents = await Promise.all(documentIds.map(id => documentIn(scope, id)))
  if (documents.length === 0 || !takesAway) return
  if (scope.target === 'document') fail('right.missing')
  const places = await placementsOf(null, scope.giver.planId, documentIds)
  const outside = places.find(({ folderId }) => !isIn(scope, folderId))
  if (outside) fail('right.elsewhere', { name: documents.find(({ id }) => id === outside.documentId)?.name ?? '' })
}

/** A file for one of the folders. Throws right.missing, notFound, and as takePlainUpload does. */
export async function addToShared(
  scope: Scope,
  folderId: FolderId,
  upload: Omit<PlainUpload, 'folderId' | 'clash' | 'origin' | 'offset'>,
  now: Date,
) {
  const actor = actorIn(scope, 'add')
  folderIn(scope, folderId)
  // Never a new version of what another person brought: one's own lies beside it.
  const file = { ...upload, folderId, clash: 'both', origin: 'upload', offset: 0 } as const
  return told(await takePlainUpload(actor, file, now))
}

/**
 * Takes back what one did oneself in what was given. Throws notFound for what others did, or one did elsewhere in the
 * plan, change.collided where something later stands against it (which, is not told), and as undoChange does.
 */
export async function undoShared(scope: Scope, newChangeId: string, changeId: string, now: Date) {
  const actor = actorIn(scope, 'add')
  const entry = await entryById(null, actor.planId, changeId)
  if (entry?.actorId !== actor.accountId || !(await isWithin(scope, entry))) fail('notFound')
  try {
    return told(await undoChange(actor, newChangeId, changeId, now))
  } catch (error) {
    if (error instanceof HembixError && error.refusal.code === 'undo.blocked') fail('change.collided')
    throw error
  }
}

/** Whether an act touched nothing but what was given. */
async function isWithin(scope: Scope, { id, places }: JournalEntry): Promise<boolean> {
  if (scope.target === 'plan') return true
  if (scope.target === 'folder') return places.every(place => isIn(scope, place))
  const rows = await rowsOfEntry(null, scope.giver.planId, id)
  return rows.every(row => row.table === 'document' && row.id === scope.targetId)
}

/** Which of these documents whoever reads may change: all with the role for it, else those that they brought. */
export async function changeable(scope: Scope, ids: readonly DocumentId[]): Promise<ReadonlySet<string>> {
  if (!scope.viewer || !includesRole(scope.role, 'add')) return new Set()
  if (includesRole(scope.role, 'edit')) return new Set(ids)
  return new Set(await broughtBy(actorIn(scope, 'add'), ids))
}
