import type { ThemeChoice } from '../../stores/view'
import { useView } from '../../stores/view'
import type { PlainAct } from '../act'

const lookAct = (theme: ThemeChoice, title: string): PlainAct => ({
  id: `look-${theme}`,
  title,
  part: 'app',
  run: () => {
    useView().saved.theme = theme
  },
})

export const lookActs: readonly PlainAct[] = [
  lookAct('light', 'Look: light'),
  lookAct('dark', 'Look: dark'),
  lookAct('system', 'Look: as the system'),
]
