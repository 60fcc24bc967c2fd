import { thingsOf } from '../../../core/plan/index'
import { useActs } from '../../stores/acts'
import { useSession } from '../../stores/session'
import type { ThingAct } from '../act'

const areAllStarred = (items: readonly { starred: boolean }[]) => items.every(({ starred }) => starred)

export const star: ThingAct = {
  id: 'star',
  title: 'Star, or take the star off',
  key: 'S',
  part: 'mark',
  often: true,
  words: ({ items }) => (areAllStarred(items) ? 'Take star off' : 'Star'),
  /** Stars in the plan of another are its owner's. */
  applies: () => !useSession().isGuest,
  run: ({ items }) => void useActs().act({ kind: 'star', ...thingsOf(items), on: !areAllStarred(items) }),
}
