import { useDialogs } from '../../stores/dialogs'
import type { PlainAct } from '../act'

/** A few typed words or a recording, wherever one is. */
export const jot: PlainAct = {
  id: 'jot',
  title: 'Jot down or record, into the In-tray…',
  part: 'app',
  often: true,
  run: () => {
    useDialogs().jot = true
  },
}
