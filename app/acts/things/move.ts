import { thingsOf } from '../../../core/plan/index'
import { useDialogs } from '../../stores/dialogs'
import type { ThingAct } from '../act'
import { theOne } from '../act'

export const move: ThingAct = {
  id: 'move',
  title: 'Move to…',
  key: 'M',
  part: 'lay',
  often: true,
  run: target => {
    const { items, fromFolderId } = target
    useDialogs().move = { ...thingsOf(items), fromFolderId, name: theOne(target)?.name ?? '' }
  },
}
