// How the children of a folder are numbered. A number is data: the name never holds it.

export const NUMBER_STYLES = ['none', '1', '01', 'A', 'a', 'I', 'i', 'year', 'own'] as const
export type NumberStyle = (typeof NUMBER_STYLES)[number]

/** By number; by name in natural order; as laid by hand; what changed last first. */
export const CHILD_ORDERS = ['number', 'name', 'hand', 'changed'] as const
export type ChildOrder = (typeof CHILD_ORDERS)[number]

export const JOINTS = ['.', '-', '/'] as const
export type Joint = (typeof JOINTS)[number]

export interface Numbering {
  readonly style: NumberStyle
  /** With the parent's code in front ("2.3"), or alone ("3"). */
  readonly joined: boolean
  /** Number of the first child, 0 or more. */
  readonly start: number
  /** From one child to the next, 1 or more. */
  readonly step: number
  /** Between the parent's code and the own number; "." unless set. */
  readonly joint?: Joint
  /** Digits of the style 01; 2 unless set. */
  readonly width?: number
  /**
   * What the style "own" writes: a text with # for the number ("U#"), or texts in order, with commas between ("Q1, Q2,
   * Q3").
   */
  readonly text?: string
  /** Numbers that are passed over. */
  readonly skip?: readonly number[]
}

export const PLAIN_NUMBERING: Numbering = { style: '1', joined: true, start: 1, step: 1 }
export const NUMBER_LIMIT = 9999
export const STEP_LIMIT = 1000
const WIDTH_LIMIT = 6
export const SKIP_LIMIT = 50
export const LABEL_LIMIT = 12
export const OWN_TEXT_LIMIT = 200

export function isNumberingSound({ style, start, step, width = 2, skip = [], text = '' }: Numbering): boolean {
  const whole = (value: number, low: number, high: number) => Number.isInteger(value) && value >= low && value <= high
  return (
    whole(start, 0, NUMBER_LIMIT) &&
    whole(step, 1, STEP_LIMIT) &&
    whole(width, 1, WIDTH_LIMIT) &&
    (style !== 'own' || isOwnTextSound(text)) &&
    skip.length <= SKIP_LIMIT &&
    skip.every(number => whole(number, 0, NUMBER_LIMIT))
  )
}

/**
 * One text with "#" for the number, or several that differ, each with a letter, so that none reads like the number
 * behind the last.
 */
function isOwnTextSound(text: string): boolean {
  const parts = ownTexts(text)
  const isShort = text.length <= OWN_TEXT_LIMIT && parts.every(part => [...part].length <= LABEL_LIMIT)
  if (parts.length === 1) return isShort && /^[\p{L}\p{N}]*#[\p{L}\p{N}]*$/u.test(text.trim())
  return (
    isShort &&
    parts.length > 1 &&
    new Set(parts).size === parts.length &&
    parts.every(part => /^[\p{L}\p{N}]*\p{L}[\p{L}\p{N}]*$/u.test(part))
  )
}

function ownTexts(text: string): string[] {
  return text
    .split(',')
    .map(part => part.trim())
    .filter(part => part !== '')
}

/**
 * How folders are numbered below one that is numbered so: the same way, but own texts and years belong to one level
 * only.
 */
export function inheritedNumbering(numbering: Numbering): Numbering {
  if (numbering.style !== 'own' && numbering.style !== 'year') return numbering
  return {
    style: '1',
    joined: numbering.joined,
    start: 1,
    step: 1,
    ...(numbering.joint ? { joint: numbering.joint } : {}),
  }
}

/** True when two numberings write the same codes. */
export function sameNumbering(a: Numbering | null, b: Numbering | null): boolean {
  const plain = (numbering: Numbering | null) =>
    numbering === null
      ? null
      : [
          numbering.style,
          numbering.joined,
          numbering.start,
          numbering.step,
          numbering.joint ?? '.',
          numbering.width ?? 2,
          numbering.text ?? '',
          numbering.skip ?? [],
        ]
  return JSON.stringify(plain(a)) === JSON.stringify(plain(b))
}

/**
 * A number as it is written: 3, 03, C, c, III or iii (26 is Z, 27 is AA; 0 stays 0), or the own text for it. Empty for
 * the style "none".
 */
export function writeNumber(
  number: number,
  numbering: Pick<Numbering, 'style' | 'width' | 'text' | 'start' | 'step'>,
): string {
  switch (numbering.style) {
    case 'none':
      return ''
    case '1':
    case 'year':
      return String(number)
    case '01':
      return String(number).padStart(numbering.width ?? 2, '0')
    case 'A':
      return letters(number)
    case 'a':
      return letters(number).toLowerCase()
    case 'I':
      return roman(number)
    case 'i':
      return roman(number).toLowerCase()
    case 'own':
      return ownText(number, numbering)
  }
}

/**
 * The text at the number's place in the row; a number between two steps, or behind the last text, is written as such.
 */
function ownText(number: number, { text = '#', start, step }: Pick<Numbering, 'text' | 'start' | 'step'>): string {
  const parts = ownTexts(text)
  const at = (number - start) / step
  const part = parts.length === 1 ? parts[0] : parts[at]
  return part === undefined ? String(number) : part.replaceAll('#', String(number))
}

/** Bijective base 26, as columns of a table are lettered. */
function letters(number: number): string {
  if (number <= 0) return '0'
  let text = ''
  for (let rest = number; rest > 0; rest = Math.floor((rest - 1) / 26)) {
    text = String.fromCharCode(65 + ((rest - 1) % 26)) + text
  }
  return text
}

const ROMAN = [
  [1000, 'M'],
  [900, 'CM'],
  [500, 'D'],
  [400, 'CD'],
  [100, 'C'],
  [90, 'XC'],
  [50, 'L'],
  [40, 'XL'],
  [10, 'X'],
  [9, 'IX'],
  [5, 'V'],
  [4, 'IV'],
  [1, 'I'],
] as const

/** Roman numerals with the subtractive forms; above 3,999 with further M. */
function roman(number: number): string {
  if (number <= 0) return '0'
  let rest = number
  return ROMAN.map(([value, sign]) => {
    const times = Math.floor(rest / value)
    rest -= times * value
    return sign.repeat(times)
  }).join('')
}

/** How a numbering reads, for labels and menus: "01, 02, 03", "10, 20, 30", "no numbers". */
export function numberingText(numbering: Numbering): string {
  const { style, start, step, skip = [] } = numbering
  if (style === 'none') return 'no numbers'
  const sample: number[] = []
  for (let number = start; sample.length < 3 && sample.length < SKIP_LIMIT; number += step)
    if (!skip.includes(number)) sample.push(number)
  return sample.map(number => writeNumber(number, numbering)).join(', ')
}
