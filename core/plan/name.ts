import type { Refusal } from '../errors'
import { refusal } from '../errors'
import { foldedText } from '../text/index'

export const NAME_LIMIT = 200

// Marks and overrides of text direction (Unicode Standard Annex 9) and the zero-width characters.
const INVISIBLE = /[\u200B\u200E\u200F\u202A-\u202E\u2060\u2066-\u2069\uFEFF]/u
const CONTROL = /\p{Cc}/u

export type CheckedName =
  { readonly ok: true; readonly name: string } | { readonly ok: false; readonly reason: Refusal }

/** A typed name in NFC with single spaces, or why it cannot be one. */
export function checkName(typed: string): CheckedName {
  const name = tidy(typed)
  const wrong = (reason: Refusal): CheckedName => ({ ok: false, reason })
  if (CONTROL.test(typed.trim())) return wrong(refusal('name.control'))
  if (INVISIBLE.test(name)) return wrong(refusal('name.invisible'))
  if (name === '') return wrong(refusal('name.empty'))
  const length = [...name].length
  if (length > NAME_LIMIT) return wrong(refusal('name.long', { length, limit: NAME_LIMIT }))
  if (/[/\\]/.test(name)) return wrong(refusal('name.slash'))
  if (/^[.\s]+$/.test(name)) return wrong(refusal('name.dots'))
  return { ok: true, name }
}

/**
 * A file's own name made fit to be a document's: nothing is refused, since the file is already there.
 * Unfit characters are taken out, a name too long is cut, and one that is left empty becomes "unnamed".
 */
export function nameFromFile(fileName: string): { name: string; extension: string } {
  const clean = fileName
    .replace(/[/\\]/g, '-')
    .replace(new RegExp(CONTROL.source, 'gu'), ' ')
    .replace(new RegExp(INVISIBLE.source, 'gu'), '')
  const dot = clean.lastIndexOf('.')
  const tail = dot > 0 ? clean.slice(dot + 1) : ''
  const extension = /^[A-Za-z0-9]{1,10}$/.test(tail) ? tail.toLowerCase() : ''
  const stem = tidy(extension === '' ? clean : clean.slice(0, dot))
  const name = /^[.\s]*$/.test(stem) ? 'unnamed' : [...stem].slice(0, NAME_LIMIT).join('').trim()
  return { name, extension }
}

/**
 * "Minutes", "Minutes (2)", "Minutes (3)": the first that `taken` does not hold. A count already there is counted on.
 */
export function nextFreeName(name: string, taken: (candidate: string) => boolean): string {
  if (!taken(name)) return name
  const counted = COUNTED.exec(name)
  const stem = counted?.[1] ?? name
  for (let count = counted ? Number(counted[2]) + 1 : 2; ; count++) {
    const candidate = `${stem} (${count})`
    if (!taken(candidate)) return candidate
  }
}

const COUNTED = /^(.*) \((\d+)\)$/

/** What `nextFreeName` may meet: the folded name, and the folded stem that numbers follow. */
export function foldedStem(name: string): { readonly name: string; readonly stem: string } {
  return { name: foldedText(name), stem: foldedText(COUNTED.exec(name)?.[1] ?? name) }
}

/** Two documents of one folder clash when name (case and accents apart) and type are the same. */
export function nameKey(name: string, extension: string): string {
  return `${foldedText(name)}.${extension}`
}

function tidy(text: string): string {
  return text.normalize('NFC').replace(/\s+/gu, ' ').trim()
}
