// What the ways to look at things are called, wherever they are chosen.

import type { Sort } from '../../contract/document'
import type { FoundGroup } from '../../core/find/index'
import type { ThemeChoice } from './view'

export const THEME_NAMES: Readonly<Record<ThemeChoice, string>> = {
  light: 'light',
  dark: 'dark',
  system: 'as the system',
}

/** The headings under which a register can stand. */
export const REGISTER_GROUPS: readonly { readonly value: FoundGroup; readonly text: string }[] = [
  { value: 'none', text: 'No headings' },
  { value: 'type', text: 'By type' },
  { value: 'tag', text: 'By tag' },
  { value: 'meaning', text: 'By colour' },
  { value: 'month', text: 'By month' },
  { value: 'sender', text: 'By sender' },
]

export const REGISTER_SORTS: readonly { readonly value: Sort; readonly text: string }[] = [
  { value: 'name', text: 'Name' },
  { value: 'changed', text: 'Changed' },
  { value: 'added', text: 'Added' },
  { value: 'size', text: 'Size' },
  { value: 'type', text: 'Type' },
]
