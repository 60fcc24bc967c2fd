// Which words of a text are headings: they say more about it than those below them.

const LONGEST_LINE = 70
const MOST_CHARACTERS = 2000

/**
 * Lines of pages that stand as headings: marked as such in Markdown, the first line of a page, or a short line alone
 * between empty ones that does not end a sentence. In order, at most about 2,000 characters.
 */
export function headsOf(pages: readonly string[]): string[] {
  const heads: string[] = []
  let length = 0
  for (const page of pages) {
    const lines = page.split('\n').map(line => line.trim())
    const first = lines.findIndex(line => line !== '')
    for (const [index, line] of lines.entries()) {
      if (!isHead(lines, index, first)) continue
      const head = line.replace(/^#{1,6}\s+/, '')
      length += head.length
      if (length > MOST_CHARACTERS) return heads
      heads.push(head)
    }
  }
  return heads
}

function isHead(lines: readonly string[], index: number, first: number): boolean {
  const line = lines[index] ?? ''
  if (/^#{1,6}\s+\S/.test(line)) return true
  if (line === '' || line.length > LONGEST_LINE || !/\p{L}/u.test(line) || /[.,;:!?…]$/.test(line)) return false
  const alone = (lines[index - 1] ?? '') === '' && (lines[index + 1] ?? '') === ''
  return index === first || (alone && /^[\p{Lu}\p{N}]/u.test(line))
}
