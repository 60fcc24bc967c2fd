// How the children of a folder are numbered. A number is data: the name never holds it.

export const NUMBER_STYLES = ['none', '1', '01', 'A'] as const
export type NumberStyle = (typeof NUMBER_STYLES)[number]

export const CHILD_ORDERS = ['number', 'name'] as const
export type ChildOrder = (typeof CHILD_ORDERS)[number]

export interface Numbering {
  readonly style: NumberStyle
  /** With the parent's code in front ("2.3"), or alone ("3"). */
  readonly joined: boolean
  /** Number of the first child, 0 or more. */
  readonly start: number
  /** From one child to the next, 1 or more. */
  readonly step: number
}

export const PLAIN_NUMBERING: Numbering = { style: '1', joined: true, start: 1, step: 1 }
export const NUMBER_LIMIT = 9999
export const STEP_LIMIT = 1000

export function isNumberingSound(numbering: Numbering): boolean {
  const whole = (value: number, low: number, high: number) => Number.isInteger(value) && value >= low && value <= high
  return whole(numbering.start, 0, NUMBER_LIMIT) && whole(numbering.step, 1, STEP_LIMIT)
}

/** A number as it is written: 3, 03 or C (26 is Z, 27 is AA, 0 stays 0). Empty for the style "none". */
export function writeNumber(number: number, style: NumberStyle): string {
  switch (style) {
    case 'none': return ''
    case '1': return String(number)
    case '01': return String(number).padStart(2, '0')
    case 'A': return letters(number)
  }
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
