// A message in words.

import { IntlMessageFormat } from 'intl-messageformat'
import type { Message, Value } from './message'
import { MESSAGES } from './messages'

const LOCALE = 'en-GB'
const formats = new Map<string, IntlMessageFormat>()
const list = new Intl.ListFormat(LOCALE)

/** One sentence without a full stop: what was done, to what, where. A key that this catalogue lacks stands as it is. */
export function wordMessage({ key, values }: Message): string {
  const text = (MESSAGES as Readonly<Record<string, string>>)[key]
  if (text === undefined) return key
  const format = formats.get(key) ?? new IntlMessageFormat(text, LOCALE, undefined, { ignoreTag: true })
  formats.set(key, format)
  const worded = Object.fromEntries(Object.entries(values).map(([name, value]) => [name, wordValue(value)]))
  return String(format.format(worded))
}

function wordValue(value: Value): string | number | boolean {
  if (typeof value !== 'object') return value
  if ('key' in value) return wordMessage(value)
  return list.format(value.map(part => (typeof part === 'string' ? part : wordMessage(part))))
}
