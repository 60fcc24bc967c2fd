import { useActs } from '../../stores/acts'
import { undoShown } from '../../stores/undoShown'
import type { PlainAct } from '../act'

export const undo: PlainAct = { id: 'undo', title: 'Undo', key: 'Ctrl+Z', part: 'app', run: () => void undoShown() }

export const redo: PlainAct = {
  id: 'redo',
  title: 'Redo',
  key: 'Ctrl+Y',
  also: ['Ctrl+Shift+Z'],
  part: 'app',
  run: () => void useActs().redo(),
}
