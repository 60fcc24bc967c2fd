import { counted, quoted, updated } from '../../change/index'
import { isNumberingSound, NUMBER_LIMIT, numberTree, STEP_LIMIT } from '../../numbering/index'
import { arrangedRows } from '../arrangedRows'
import type { Command } from '../command'
import { placedRows } from '../placedRows'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findFolder, isDecision, liveFolders, numberedSlice, placeText, refuse, sliceAfter, twinHint, twinOf } from '../slice'
import type { FolderRow } from '../../rows/index'

const MODE_WORDS = { keep: 'numbers written down as they are', close: 'gaps closed', spread: 'spread with gaps', name: 'in the order of the names', dates: 'in the order of the dates' } as const

/** Numbering, order and renumbering of the children of a folder as one Change. */
export function arrange(slice: Slice, command: Extract<Command, { kind: 'folder.arrange' }>, moment: Moment): Decision {
  if (command.numbering && !isNumberingSound(command.numbering)) return refuse('numbering.wrong', { limit: NUMBER_LIMIT, steps: STEP_LIMIT })
  if (command.id !== null) {
    const folder = findFolder(slice, command.id)
    if (isDecision(folder)) return folder
  }
  const live = liveFolders(slice)
  const arranged = arrangedRows(slice.plan, live, command, moment.locale)
  const rows = [
    ...updated('plan', slice.plan, { numbering: arranged.plan.numbering, childOrder: arranged.plan.childOrder }),
    ...arranged.folders.flatMap((row) => {
      const present = slice.folders.get(row.id)
      return present ? updated('folder', present, row) : []
    }),
  ]
  const [before, after] = [numberTree(slice.plan, live, moment.locale).codes, numberTree(arranged.plan, arranged.folders, moment.locale).codes]
  const changed = live.filter(folder => before.get(folder.id)?.code !== after.get(folder.id)?.code).length
  const where = command.id === null ? 'the plan' : placeText(slice, command.id, moment.locale)
  const how = command.renumber === null ? '' : `: ${MODE_WORDS[command.renumber]}`
  return decided(rows, `Arranged the folders in ${where}${how}${changed > 0 ? `; ${counted(changed, 'number')} changed` : ''}`, [command.id])
}

/** Lays folders at an exact place among others. */
export function place(slice: Slice, command: Extract<Command, { kind: 'folder.place' }>, moment: Moment): Decision {
  const folders: FolderRow[] = []
  for (const id of command.ids) {
    const folder = findFolder(slice, id)
    if (isDecision(folder)) return folder
    folders.push(folder)
    const twin = folder.parentId === command.parentId ? undefined : twinOf(slice, command.parentId, folder.folded, command.ids)
    if (twin && !command.allowTwin) return twinHint(slice, twin, moment.locale)
  }
  if (command.parentId !== null) {
    const parent = findFolder(slice, command.parentId)
    if (isDecision(parent)) return parent
  }
  const live = new Map(liveFolders(slice).map(folder => [folder.id, folder]))
  const found = placedRows(slice.plan, live, command.ids, command, moment.locale, numberedSlice(slice, moment.locale))
  if (!found.ok) return refuse(found.code, found.details)
  const rows = found.rows.flatMap((row) => {
    const present = slice.folders.get(row.id)
    return present ? updated('folder', present, row) : []
  })
  const [first] = folders
  const what = folders.length === 1 && first ? quoted(first.name) : counted(folders.length, 'folder')
  const [code] = found.codes
  const where = placeText(sliceAfter(slice, rows), command.parentId, moment.locale)
  return decided(rows, `Placed ${what}${folders.length === 1 && code ? ` as ${code}` : ''} in ${where}`, [command.parentId, ...folders.map(folder => folder.parentId)])
}
