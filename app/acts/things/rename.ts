import { thingsOf } from '../../../core/plan/index'
import { useDialogs } from '../../stores/dialogs'
import type { ThingAct } from '../act'
import { areDocuments, onlyOne, theOne } from '../act'

/** One where it stands; several documents in a dialog that shows every name before. */
export const rename: ThingAct = {
  id: 'rename',
  title: 'Rename',
  key: 'F2',
  part: 'go',
  words: target => (onlyOne(target) ? 'Rename' : 'Rename together…'),
  applies: target => onlyOne(target) || areDocuments(target),
  run: target => {
    const item = theOne(target)
    if (item) target.rename(item)
    else useDialogs().names = thingsOf(target.items).documentIds
  },
}
