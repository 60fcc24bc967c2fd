// JSON as it comes in from outside.

const [QUOTE, BACKSLASH, OPEN_BRACE, OPEN_BRACKET, CLOSE_BRACE, CLOSE_BRACKET] = [0x22, 0x5c, 0x7b, 0x5b, 0x7d, 0x5d]

/** How deep objects and lists are nested, up to `limit` + 1; one pass, whether the text is sound or not. */
export function jsonDepth(text: string, limit: number): number {
  let [depth, deepest] = [0, 0]
  for (let at = 0; at < text.length; at++) {
    const code = text.charCodeAt(at)
    if (code === QUOTE) at = endOfString(text, at)
    else if (code === OPEN_BRACE || code === OPEN_BRACKET) {
      deepest = Math.max(deepest, ++depth)
      if (deepest > limit) return deepest
    } else if (code === CLOSE_BRACE || code === CLOSE_BRACKET) depth--
  }
  return deepest
}

function endOfString(text: string, from: number): number {
  for (let at = from + 1; at < text.length; at++) {
    const code = text.charCodeAt(at)
    if (code === BACKSLASH) at++
    else if (code === QUOTE) return at
  }
  return text.length
}
