// How a person likes names to be made: parts in an order, with signs between, such as "{date} {title}".

/** The parts that a pattern of names may hold, in the order and with the signs between that a person likes. */
export const NAME_PARTS = ['date', 'title', 'folder', 'sender', 'name', 'number'] as const
export type NamePart = (typeof NAME_PARTS)[number]
export const PATTERN_TEXT_LIMIT = 120

/** Null, or what is wrong with a pattern, in words. */
export function wrongPattern(pattern: string): string | null {
  if ([...pattern].length > PATTERN_TEXT_LIMIT) return `it is longer than ${PATTERN_TEXT_LIMIT} characters`
  const unknown = [...pattern.matchAll(/\{([^{}]*)\}/g)].map(match => match[1] ?? '').find(part => !isNamePart(part))
  if (unknown !== undefined) return `there is no part {${unknown}}`
  if (!/\{(?:title|name)\}/.test(pattern)) return 'it needs {title} or {name}, or all documents would be called alike'
  const left = pattern.replace(/\{\w+\}/g, '')
  if (/[{}/\\]/.test(left)) return 'the signs { } / and \\ cannot stand in a name'
  return null
}

export function isNamePart(text: string): text is NamePart {
  return (NAME_PARTS as readonly string[]).includes(text)
}
