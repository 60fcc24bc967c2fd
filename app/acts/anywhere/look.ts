import { THEMES, useView } from '../../stores/view'
import { THEME_NAMES } from '../../stores/viewTexts'
import type { PlainAct } from '../act'

export const lookActs: readonly PlainAct[] = THEMES.map(theme => ({
  id: `look-${theme}`,
  title: `Look: ${THEME_NAMES[theme]}`,
  part: 'app',
  run: () => {
    useView().saved.theme = theme
  },
}))
