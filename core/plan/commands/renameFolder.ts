import { updated } from '../../change/index'
import { message } from '../../history/index'
import { folderId } from '../../shapes/index'
import { foldedText } from '../../text/index'
import type { Given } from '../command'
import { command } from '../command'
import { checkName } from '../name'
import { allowTwin, name } from '../shapes'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findFolder, isDecision, placeValue, twinHint, twinOf } from '../slice'

const fields = { id: folderId(), name: name(), allowTwin: allowTwin() }

function renameFolder(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  const checked = checkName(command.name)
  if (!checked.ok) return checked
  const folded = foldedText(checked.name)
  const twin = twinOf(slice, folder.parentId, folded, [folder.id])
  if (twin && !command.allowTwin) return twinHint(slice, twin, moment.locale)
  return decided(
    updated('folder', folder, { name: checked.name, folded }),
    message('folder.rename', {
      before: folder.name,
      name: checked.name,
      place: placeValue(slice, folder.parentId, moment.locale),
    }),
    [folder.parentId, folder.id],
  )
}

export const folderRename = command('folder.rename', {
  fields,
  decide: renameFolder,
  shared: { role: 'edit', touches: ({ id }) => ({ changedFolderIds: [id] }) },
  doc: '`id`, `name`, `allowTwin`',
})
