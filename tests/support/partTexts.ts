import type { Part } from '../../server/extract/parts'

/** The parts as lines "kind name: text", the text alone in the body itself. */
export const namedTexts = (parts: readonly Part[]): string[] =>
  parts.map(({ kind, name, body }) => (kind === 'text' ? body : `${[kind, name].join(' ').trim()}: ${body}`))

export const bodiesOf = (parts: readonly Part[]): string[] => parts.map(({ body }) => body)
export const wholeText = (parts: readonly Part[]): string => bodiesOf(parts).join('\n\n')
