import { useDialogs } from '../../stores/dialogs'
import type { PlainAct } from '../act'

/** To the find field, or to the Find page where there is none. */
export const find: PlainAct = {
  id: 'find',
  title: 'Find…',
  key: '/',
  part: 'app',
  run: () => {
    const field = document.querySelector<HTMLInputElement>('[data-find] input')
    field?.focus()
    field?.select()
    if (!field) void navigateTo('/find')
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
