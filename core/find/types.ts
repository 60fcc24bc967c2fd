// Kinds of documents as people tell them apart. Which formats belong to which is said by the catalogue (core/formats).

import type { Format } from '../formats/index'
import { extensionsWhere, formatOf } from '../formats/index'

export type TypeGroup = Format['group']

const NAMES: Readonly<Record<TypeGroup, string>> = {
  pdf: 'PDF',
  writing: 'Written document',
  table: 'Table',
  slides: 'Slides',
  text: 'Plain text',
  picture: 'Picture or scan',
  web: 'Web page',
  mail: 'Mail',
  sound: 'Sound or film',
  archive: 'Archive',
  other: 'Anything else',
}
export const TYPE_GROUP_NAMES = Object.keys(NAMES) as readonly TypeGroup[]

/** What each is called, and the extensions that belong to it; of "other", which is whatever is left, none. */
export const TYPE_GROUPS = Object.fromEntries(
  TYPE_GROUP_NAMES.map(group => [
    group,
    { name: NAMES[group], extensions: group === 'other' ? [] : extensionsWhere(format => format.group === group) },
  ]),
) as unknown as Readonly<Record<TypeGroup, { readonly name: string; readonly extensions: readonly string[] }>>

export const KNOWN_EXTENSIONS: readonly string[] = extensionsWhere(format => format.group !== 'other')

export function typeGroupOf(extension: string): TypeGroup {
  return formatOf(extension)?.group ?? 'other'
}

export function isTypeGroup(text: string): text is TypeGroup {
  return Object.hasOwn(NAMES, text)
}
