import { usePrinting } from '../../stores/printing'
import type { PlainAct } from '../act'

/** The page that is open, whole and without the program around it. */
export const print: PlainAct = {
  id: 'print',
  title: 'Print what is shown',
  key: 'Ctrl+P',
  part: 'app',
  run: () => void usePrinting().print(),
}
