import { thingsOf } from '../../../core/plan/index'
import { useActs } from '../../stores/acts'
import type { ThingAct } from '../act'

export const trash: ThingAct = {
  id: 'trash',
  title: 'Put into Trash',
  key: 'Delete',
  part: 'away',
  run: target =>
    void useActs()
      .act({ kind: 'trash', ...thingsOf(target.items) })
      .then(outcome => {
        if (outcome.ok) target.gone?.()
      }),
}
