import { useDialogs } from '../../stores/dialogs'
import type { PlainAct } from '../act'

/** To the field that finds, or to the one that finds and does, where the page has none in view. */
export const find: PlainAct = {
  id: 'find',
  title: 'Find…',
  key: '/',
  part: 'app',
  run: () => {
    const field = [...document.querySelectorAll<HTMLInputElement>('[data-find] input')].find(
      ({ offsetParent }) => offsetParent,
    )
    field?.focus()
    field?.select()
    if (!field) useDialogs().goTo = true
  },
}

export const goToAndDo: PlainAct = {
  id: 'go-to',
  title: 'Go to or do…',
  key: '.',
  part: 'app',
  run: () => {
    useDialogs().goTo = true
  },
}

export const showKeys: PlainAct = {
  id: 'keys',
  title: 'Keys',
  key: '?',
  part: 'app',
  run: () => {
    useDialogs().keys = true
  },
}

export const editColours: PlainAct = {
  id: 'colours',
  title: 'Edit the colour key…',
  part: 'app',
  run: () => {
    useDialogs().colours = true
  },
}
