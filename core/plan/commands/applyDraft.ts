import * as yup from 'yup'
import type { RowChange } from '../../change/index'
import { inserted, updated } from '../../change/index'
import type { Message } from '../../history/index'
import { message } from '../../history/index'
import type { FolderId } from '../../ids'
import { isNumberingSound, NUMBER_LIMIT, sameNumbering, STEP_LIMIT } from '../../numbering/index'
import type { FolderRow, MeaningRow } from '../../rows/index'
import { folderId, isId, meaningId } from '../../shapes/index'
import type { Tree } from '../../tree/index'
import { childrenOf, isInside } from '../../tree/index'
import type { Given } from '../command'
import { command } from '../command'
import type { DraftedFolder } from '../draftedRows'
import { draftedRows } from '../draftedRows'
import { checkName } from '../name'
import { name, numberingShape } from '../shapes'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findFolder, isDecision, liveTree, placeValue, refuse, sliceAfter } from '../slice'
import { removedFolders, removeFolders } from './removeFolders'
import { newMeaningRow } from './setMeaning'

const DRAFT_LIMIT = 50_000

function isDrafted(value: unknown): value is DraftedFolder {
  const {
    id,
    parent,
    name: folderName,
    number,
    label,
    numbered,
    meaningId: meaning,
    purpose,
    likeId = null,
  } = (value ?? {}) as Partial<Record<keyof DraftedFolder, unknown>>
  return (
    isId(id) &&
    Number.isInteger(parent) &&
    typeof folderName === 'string' &&
    (number === null || (Number.isInteger(number) && Number(number) >= 0 && Number(number) <= NUMBER_LIMIT)) &&
    (label === null || (typeof label === 'string' && label.length <= 40)) &&
    typeof numbered === 'boolean' &&
    (meaning === null || isId(meaning)) &&
    typeof purpose === 'string' &&
    purpose.length <= 4000 &&
    (likeId === null || isId(likeId))
  )
}

/** Tens of thousands of them: checked by hand, since a shape for each costs seconds. */
const draftedShape = yup
  .mixed<readonly DraftedFolder[]>()
  .required()
  .test(
    'drafted',
    'the folders of a draft have id, parent, name, number, label, numbered, meaningId, purpose',
    value => Array.isArray(value) && value.length <= DRAFT_LIMIT && value.every(isDrafted),
  )

const whereToShape = yup.object({
  to: yup
    .string()
    .oneOf(['parent', 'in-tray', 'trash', 'folder'] as const)
    .required(),
  folderId: folderId().nullable().optional(),
})

const fields = {
  rootId: folderId().nullable(),
  revision: yup.number().integer().required(),
  folders: draftedShape,
  removed: yup
    .array(yup.object({ id: folderId(), documents: whereToShape.required() }))
    .max(DRAFT_LIMIT)
    .default([]),
  newMeanings: yup
    .array(yup.object({ id: meaningId(), name: name(), ink: yup.string().required() }))
    .max(200)
    .default([]),
  numbering: numberingShape.nullable().default(null),
  additive: yup.boolean().default(false),
}

/**
 * Makes the branch below `rootId` (null: the whole plan) what the draft says: folders that are named
 * by id are renamed, moved and renumbered with all they hold; the others are new; those of the branch
 * that are not named go into the Trash, their documents where `removed` says. The slice holds the
 * documents of the folders that go.
 */
function applyDraft(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
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
  const after = draftedRows(
    live,
    id => childrenOf(tree, id).map(folder => folder.id),
    command.rootId,
    command.folders,
    moment.now,
    command,
  )
  const changed = after.flatMap((row): RowChange[] => {
    const present = live.get(row.id)
    return present ? updated('folder', present, row) : [inserted('folder', row)]
  })
  const gone = command.additive
    ? []
    : removedFolders(tree, command.rootId, new Set(command.folders.map(folder => folder.id)))
  const emptied = removeFolders(
    slice,
    gone,
    new Map(command.removed.map(({ id, documents }) => [id, documents])),
    moment,
  )
  if (isRefusal(emptied)) return emptied
  const scheme = numberingRows(slice, command)
  if (isRefusal(scheme)) return scheme
  const rows = [...meanings, ...changed, ...emptied, ...scheme]
  const place =
    command.rootId === null ? message('wholePlan') : placeValue(sliceAfter(slice, rows), command.rootId, moment.locale)
  return decided(rows, message('draft.apply', { place, what: summary(live, after, gone.length) }), [
    command.rootId,
    ...new Set(after.map(row => row.parentId)),
  ])
}

function isRefusal(value: readonly RowChange[] | Decision): value is Decision {
  return !Array.isArray(value)
}

function checkDrafted(
  slice: Slice,
  { folders, rootId, newMeanings }: Given<typeof fields>,
  tree: Tree<FolderRow>,
): Decision | null {
  const meanings = new Set<string>([...slice.meanings.keys(), ...newMeanings.map(meaning => meaning.id)])
  const seen = new Set<FolderId>()
  for (const [index, folder] of folders.entries()) {
    const checked = checkName(folder.name)
    if (!checked.ok) return checked
    const present = slice.folders.get(folder.id)
    if (present && present.trashedAt !== null) return refuse('folder.inTrash', { name: present.name })
    if (seen.has(folder.id) || folder.parent >= index || folder.parent < -1)
      return refuse('request.invalid', { why: 'a draft names each folder once, parents before children' })
    if (folder.meaningId !== null && !meanings.has(folder.meaningId)) return refuse('notFound')
    if (present && rootId !== null && (folder.id === rootId || isInside(tree, rootId, folder.id)))
      return refuse('folder.intoItself', { name: present.name })
    seen.add(folder.id)
  }
  return null
}

function meaningRows(slice: Slice, { newMeanings }: Given<typeof fields>): RowChange[] | Decision {
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

function numberingRows(slice: Slice, { rootId, numbering }: Given<typeof fields>): RowChange[] | Decision {
  if (!numbering) return []
  if (!isNumberingSound(numbering)) return refuse('numbering.wrong', { limit: NUMBER_LIMIT, steps: STEP_LIMIT })
  if (rootId === null)
    return sameNumbering(slice.plan.numbering, numbering) ? [] : updated('plan', slice.plan, { numbering })
  const root = slice.folders.get(rootId)
  return root && !sameNumbering(root.numbering, numbering) ? updated('folder', root, { numbering }) : []
}

function summary(
  before: ReadonlyMap<string, FolderRow>,
  after: readonly FolderRow[],
  removed: number,
): readonly Message[] {
  const known = after.flatMap(row => {
    const present = before.get(row.id)
    return present ? [{ present, row }] : []
  })
  const parts = [
    [after.length - known.length, 'draft.new'],
    [known.filter(({ present, row }) => present.name !== row.name).length, 'draft.renamed'],
    [known.filter(({ present, row }) => present.parentId !== row.parentId).length, 'draft.moved'],
    [removed, 'draft.removed'],
  ] as const
  const said = parts.filter(([count]) => count > 0).map(([count, key]) => message(key, { count }))
  return said.length > 0 ? said : [message('folders', { count: after.length })]
}

export const draftApply = command('draft.apply', {
  fields,
  needs: ({ removed = [] }) => ({ inFolders: removed.map(({ id }) => id) }),
  decide: applyDraft,
  doc:
    '`rootId` (null: the whole plan), `revision` it was compared with, `folders`: `[{ id, parent (index in ' +
    'the list, -1: the root), name, number, label, numbered, meaningId, purpose, likeId (a new folder is ' +
    'numbered inside as this one; optional) }]`, `removed`: `[{ id, documents: { to: "parent" / "in-tray" / ' +
    '"trash" / "folder", folderId } }]`, `newMeanings`: `[{ id, name, ink }]`, `numbering` of the root\'s ' +
    'children or null, `additive` (what the root holds stays). A known id is renamed, moved, renumbered with ' +
    'all it holds',
})
