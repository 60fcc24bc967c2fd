import type { ThingAct } from '../act'
import { onlyOne, theOne } from '../act'

export const open: ThingAct = {
  id: 'open',
  title: 'Open',
  key: 'Enter',
  part: 'go',
  often: true,
  applies: target => onlyOne(target) && target.open !== undefined,
  run: target => {
    const item = theOne(target)
    if (item) target.open?.(item)
  },
}
