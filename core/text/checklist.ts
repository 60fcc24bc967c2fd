// The list items of a Markdown text that can be ticked: "- [ ] Order cleats" (GitHub Flavored Markdown, section 5.3).

export interface Tick {
  /** From 0. */
  readonly line: number
  readonly isDone: boolean
}

const FENCE = /^\s{0,3}(`{3,}|~{3,})/
const TICK = /^((?:\s|>)*(?:[-*+]|\d{1,9}[.)])\s+\[)([ xX])(\](?=\s))/

/** In the order of the text; what stands in blocks of code is none. */
export function ticksIn(markdown: string): readonly Tick[] {
  const ticks: Tick[] = []
  let fence = ''
  for (const [line, text] of markdown.split('\n').entries()) {
    const mark = FENCE.exec(text)?.[1]
    if (mark && fence === '') fence = mark
    else if (mark && mark[0] === fence[0] && mark.length >= fence.length) fence = ''
    else if (fence === '') {
      const sign = TICK.exec(text)?.[2]
      if (sign !== undefined) ticks.push({ line, isDone: sign !== ' ' })
    }
  }
  return ticks
}

/** How many items there are, and how many of them are done. */
export interface TickCount {
  readonly all: number
  readonly done: number
}

export function countTicks(markdown: string): TickCount {
  const ticks = ticksIn(markdown)
  return { all: ticks.length, done: ticks.filter(({ isDone }) => isDone).length }
}

/** The text with its tick of this index, from 0, set or taken off; all else stays byte for byte. */
export function withTick(markdown: string, index: number, isDone: boolean): string {
  const tick = ticksIn(markdown)[index]
  if (!tick) return markdown
  return markdown
    .split('\n')
    .map((text, line) => (line === tick.line ? text.replace(TICK, `$1${isDone ? 'x' : ' '}$3`) : text))
    .join('\n')
}
