import { thingsOf } from '../../../core/plan/index'
import { counted, quoted } from '../../../core/change/index'
import { useActs } from '../../stores/acts'
import { useDialogs } from '../../stores/dialogs'
import type { ThingAct } from '../act'
import { areDocuments, theOne } from '../act'

/** A document lies in one more place, and stays where it is. */
export const fileElsewhere: ThingAct = {
  id: 'file',
  title: 'File elsewhere as well…',
  part: 'lay',
  applies: areDocuments,
  run: target => {
    const { documentIds } = thingsOf(target.items)
    const only = theOne(target)
    useDialogs().place = {
      title: `File ${only ? quoted(only.name) : counted(documentIds.length, 'document')} as well in`,
      suggested: [],
      answer: folderIds =>
        void useActs().act({
          kind: 'document.file',
          documents: documentIds.map(id => ({ id, name: null })),
          folderIds,
          tags: [],
        }),
    }
  },
}
