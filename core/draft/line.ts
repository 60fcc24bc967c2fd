// The notation of one line of a draft: `#30 Leases [Urgent] -- what belongs here`. The number, the
// meaning in square brackets and the purpose behind ` -- ` may each be left out. `#-` leaves the
// folder out of the numbers; `#Q1` writes own text in place of the number. A backslash takes the
// special sense from the sign behind it; in a purpose `\\n` begins a new line.

import type { FolderFacts } from '../formats/index'
import { LABEL_LIMIT, NUMBER_LIMIT } from '../numbering/index'

/** The name is as it is written, with patterns in braces and backslashes. */
export type LineFacts = FolderFacts

const NUMBER = /^#(?:(-)|(\d+)|([\p{L}\p{N}]+))(?:\s+|$)/u
const MEANING = /(?:^|\s+)\[((?:[^[\]\\]|\\.)*)\]$/u
const DASHES = /(^|\s)--(?=\s|$)/g
const PURPOSE = /(?:^|\s)--(?:\s|$)/u

/** What a line says; its indentation is not looked at. */
export function parseLine(text: string): LineFacts {
  let rest = text.trim()
  const numbers = NUMBER.exec(rest)
  const number = numbers?.[2] === undefined ? null : Math.min(Number(numbers[2]), NUMBER_LIMIT)
  const label = numbers?.[3] === undefined ? null : [...numbers[3]].slice(0, LABEL_LIMIT).join('')
  if (numbers) rest = rest.slice(numbers[0].length)
  const purposeAt = rest.search(PURPOSE)
  const purpose = purposeAt < 0 ? '' : rest.slice(purposeAt).replace(PURPOSE, '').trim()
  if (purposeAt >= 0) rest = rest.slice(0, purposeAt).trimEnd()
  const meanings = MEANING.exec(rest)
  const meaning = meanings?.[1] === undefined ? null : plain(meanings[1]).trim()
  if (meanings) rest = rest.slice(0, meanings.index)
  return {
    number,
    label,
    numbered: numbers?.[1] === undefined,
    name: rest.trim(),
    meaning: meaning === '' ? null : meaning,
    purpose: purpose.replace(/\\(.)/gu, (_, sign: string) => (sign === 'n' ? '\n' : sign)),
  }
}

/** The line that says these facts; parseLine of it gives them back. `name` is in the notation, patterns and all. */
export function writeLine({ number, label, numbered, name, meaning, purpose }: LineFacts): string {
  const front = !numbered ? '#- ' : label !== null ? `#${label} ` : number !== null ? `#${number} ` : ''
  const colour = meaning === null ? '' : ` [${meaning.replace(/[[\]\\]/g, '\\$&').replace(DASHES, '$1\\--')}]`
  const note = purpose === '' ? '' : ` -- ${onOneLine(purpose)}`
  return `${front}${name}${colour}${note}`
}

/** A folder's name as it is written in a draft: what would be read as notation gets its backslash. */
export function escapeName(name: string): string {
  return name
    .replace(/[\\{}]/g, '\\$&')
    .replace(/^#/, '\\#')
    .replace(/\[/g, name.endsWith(']') ? '\\[' : '[')
    .replace(DASHES, '$1\\--')
    .replace(/^([-*+•])(?=\s)/, '\\$1')
}

/** The name that is meant, without backslashes. */
export function plain(text: string): string {
  return text.replace(/\\(.)/gu, '$1')
}

function onOneLine(text: string): string {
  return text
    .trim()
    .replace(/\\/g, '\\\\')
    .replace(/\r?\n|\r/gu, '\\n')
}
