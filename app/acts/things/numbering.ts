import { useDialogs } from '../../stores/dialogs'
import type { ThingAct } from '../act'
import { theOne } from '../act'

/** How what lies in the folder is numbered. */
export const numbering: ThingAct = {
  id: 'number',
  title: 'Numbering…',
  part: 'mark',
  applies: target => theOne(target)?.kind === 'folder',
  run: target => {
    const item = theOne(target)
    if (item?.kind === 'folder') useDialogs().numbering = { folderId: item.id }
  },
}
