import type { ThingAct } from '../act'
import { theOne } from '../act'

export const showInPlan: ThingAct = {
  id: 'show',
  title: 'Show in plan',
  key: 'G',
  part: 'go',
  often: true,
  applies: target => theOne(target) !== undefined && target.show !== undefined,
  run: target => {
    const item = theOne(target)
    if (item) target.show?.(item)
  },
}
