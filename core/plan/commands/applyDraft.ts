import type { RowChange } from '../../change/index'
import { counted, inserted, updated } from '../../change/index'
import type { FolderId } from '../../ids'
import { isNumberingSound, NUMBER_LIMIT, sameNumbering, STEP_LIMIT } from '../../numbering/index'
import type { FolderRow, MeaningRow } from '../../rows/index'
import type { Tree } from '../../tree/index'
import { childrenOf, isInside } from '../../tree/index'
import type { Command } from '../command'
import { draftedRows } from '../draftedRows'
import { checkName } from '../name'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findFolder, isDecision, liveTree, placeText, refuse, sliceAfter } from '../slice'
import { removeFolders, removedFolders } from './removeFolders'
import { newMeaningRow } from './setMeaning'

type ApplyDraft = Extract<Command, { kind: 'draft.apply' }>

/**
 * Makes the branch below `rootId` (null: the whole plan) what the draft says: folders that are named
 * by id are renamed, moved and renumbered with all they hold; the others are new; those of the branch
 * that are not named go into the Trash, their documents where `removed` says. The slice holds the
 * documents of the folders that go.
 */
export function applyDraft(slice: Slice, command: ApplyDraft, moment: Moment): Decision {
  if (command.revision !== slice.revision) return refuse('draft.stale')
  if (command.rootId !== null) {
    const root = findFolder(slice, command.rootId)
    if (isDecision(root)) return root
  }
  const tree = liveTree(slice, moment.locale)
  const checked = checkDrafted(slice, command, tree)
  if (checked) return checked
  const meanings = meaningRows(slice, command)
  if (isRefusal(meanings)) return meanings
  const live = tree.byId
  const after = draftedRows(live, id => childrenOf(tree, id).map(folder => folder.id), command.rootId, command.folders, moment.now, command)
  const changed = after.flatMap((row): RowChange[] => {
    const present = live.get(row.id)
    return present ? updated('folder', present, row) : [inserted('folder', row)]
  })
  const gone = command.additive ? [] : removedFolders(tree, command.rootId, new Set(command.folders.map(folder => folder.id)))
  const emptied = removeFolders(slice, gone, new Map(command.removed.map(({ id, documents }) => [id, documents])), moment)
  if (isRefusal(emptied)) return emptied
  const scheme = numberingRows(slice, command)
  if (isRefusal(scheme)) return scheme
  const rows = [...meanings, ...changed, ...emptied, ...scheme]
  const where = command.rootId === null ? 'the plan' : placeText(sliceAfter(slice, rows), command.rootId, moment.locale)
  return decided(rows, `Applied a draft to ${where}: ${summary(live, after, gone.length)}`, [command.rootId, ...new Set(after.map(row => row.parentId))])
}

function isRefusal(value: readonly RowChange[] | Decision): value is Decision {
  return !Array.isArray(value)
}

function checkDrafted(slice: Slice, { folders, rootId, newMeanings }: ApplyDraft, tree: Tree<FolderRow>): Decision | null {
  const meanings = new Set<string>([...slice.meanings.keys(), ...newMeanings.map(meaning => meaning.id)])
  const seen = new Set<FolderId>()
  for (const [index, folder] of folders.entries()) {
    const checked = checkName(folder.name)
    if (!checked.ok) return checked
    const present = slice.folders.get(folder.id)
    if (present && present.trashedAt !== null) return refuse('folder.inTrash', { name: present.name })
    if (seen.has(folder.id) || folder.parent >= index || folder.parent < -1) return refuse('request.invalid', { why: 'a draft names each folder once, parents before children' })
    if (folder.meaningId !== null && !meanings.has(folder.meaningId)) return refuse('notFound')
    if (present && rootId !== null && (folder.id === rootId || isInside(tree, rootId, folder.id))) return refuse('folder.intoItself', { name: present.name })
    seen.add(folder.id)
  }
  return null
}

function meaningRows(slice: Slice, { newMeanings }: ApplyDraft): RowChange[] | Decision {
  const rows: RowChange[] = []
  const made: MeaningRow[] = []
  for (const { id, name, ink } of newMeanings) {
    const row = newMeaningRow([...slice.meanings.values(), ...made], { id, name, ink, closed: false, pattern: 'full' })
    if (isDecision(row)) return row
    made.push(row)
    rows.push(inserted('meaning', row))
  }
  return rows
}

function numberingRows(slice: Slice, { rootId, numbering }: ApplyDraft): RowChange[] | Decision {
  if (!numbering) return []
  if (!isNumberingSound(numbering)) return refuse('numbering.wrong', { limit: NUMBER_LIMIT, steps: STEP_LIMIT })
  if (rootId === null) return sameNumbering(slice.plan.numbering, numbering) ? [] : updated('plan', slice.plan, { numbering })
  const root = slice.folders.get(rootId)
  return root && !sameNumbering(root.numbering, numbering) ? updated('folder', root, { numbering }) : []
}

function summary(before: ReadonlyMap<string, FolderRow>, after: readonly FolderRow[], removed: number): string {
  const known = after.flatMap((row) => {
    const present = before.get(row.id)
    return present ? [{ present, row }] : []
  })
  const parts = [
    [after.length - known.length, 'new'],
    [known.filter(({ present, row }) => present.name !== row.name).length, 'renamed'],
    [known.filter(({ present, row }) => present.parentId !== row.parentId).length, 'moved'],
    [removed, 'removed'],
  ] as const
  const said = parts.filter(([count]) => count > 0).map(([count, word]) => `${count.toLocaleString('en-GB')} ${word}`)
  return said.length > 0 ? said.join(', ') : counted(after.length, 'folder')
}
