import { useDialogs } from '../../stores/dialogs'
import type { ThingAct } from '../act'
import { onlyOne, theOne } from '../act'

/** What was done to it, and by which act. */
export const story: ThingAct = {
  id: 'story',
  title: 'Story…',
  part: 'out',
  applies: onlyOne,
  run: target => {
    useDialogs().story = theOne(target) ?? null
  },
}
