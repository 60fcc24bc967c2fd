import { thingsOf } from '../../../core/plan/index'
import { ARCHIVE_LIMIT } from '../../../contract/document'
import { archiveAddress, contentAddress } from '../../stores/content'
import { usePlan } from '../../stores/plan'
import type { ThingAct } from '../act'
import { theOne } from '../act'
import { downloadFrom } from '../downloadFrom'

/** One document as it is; several, or a folder with all below, as one ZIP. */
export const download: ThingAct = {
  id: 'download',
  title: 'Download',
  part: 'out',
  often: true,
  words: target => (theOne(target)?.kind === 'document' ? 'Download' : 'Download as one ZIP'),
  applies: ({ items }) =>
    items.length <= ARCHIVE_LIMIT &&
    items.some(item => item.kind === 'document' || (usePlan().totals.get(item.id) ?? 0) > 0),
  run: target => {
    const only = theOne(target)
    downloadFrom(only?.kind === 'document' ? contentAddress(only.id) : archiveAddress(thingsOf(target.items)))
  },
}
