// What was done, as History stores it: a key of the catalogue and the values of the act.

import type { MESSAGES } from './messages'

export type MessageKey = keyof typeof MESSAGES

/** A name or a number as it is, a part with words of its own, or several of them in a row. */
export type Value = number | boolean | Part | readonly Part[]
export type Part = string | Message

export interface Message {
  readonly key: MessageKey
  readonly values: Readonly<Record<string, Value>>
}

type UpTo<Text extends string> = Text extends `${infer Inner}}${string}`
  ? Inner extends `${infer Name},${string}`
    ? Name
    : Inner
  : never
type Name<Text extends string> = Text extends '' | `${string} ${string}` | `${string}#${string}` ? never : Text
/** The names in the braces of a text: not the words inside of a plural. */
type Names<Text extends string> = Text extends `${string}{${infer Rest}` ? Name<UpTo<Rest>> | Names<Rest> : never

/** A message of this key, with all the values that its text has a place for. */
export function message<Key extends MessageKey>(
  key: Key,
  ...[values]: [Names<(typeof MESSAGES)[Key]>] extends [never]
    ? []
    : [values: Readonly<Record<Names<(typeof MESSAGES)[Key]>, Value>>]
): Message {
  return { key, values: values ?? {} }
}

/** "“Minutes”" for one, "3 documents", "2 folders", "2 folders and 3 documents" for several. */
export function namedThings(
  folders: readonly { readonly name: string }[],
  documents: readonly { readonly name: string }[],
): readonly Message[] {
  const [first] = [...folders, ...documents]
  if (first && folders.length + documents.length === 1) return [message('named', { name: first.name })]
  return countedThings(folders.length, documents.length)
}

/** "2 folders", "3 documents", or both. */
export function countedThings(folders: number, documents: number): readonly Message[] {
  return [
    ...(folders > 0 ? [message('folders', { count: folders })] : []),
    ...(documents > 0 ? [message('documents', { count: documents })] : []),
  ]
}

/** "“urgent” and “2026”". */
export function namedEach(named: readonly { readonly name: string }[]): readonly Message[] {
  return named.map(({ name }) => message('named', { name }))
}
