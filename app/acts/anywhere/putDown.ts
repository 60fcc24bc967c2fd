import { useHand } from '../../stores/hand'
import type { PlainAct } from '../act'

/** With an empty hand the key is the browser's, and what it pastes becomes a document. */
export const putDown: PlainAct = {
  id: 'put-down',
  title: 'Put down what is in hand; with an empty hand, paste as a document',
  key: 'Ctrl+V',
  part: 'app',
  words: () => 'Put down what is in hand',
  applies: () => useHand().items.length > 0,
  run: () => {
    useHand().wantsDown = true
  },
}
