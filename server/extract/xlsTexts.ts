// Texts in records of older tables ([MS-XLS], BIFF8): wide or narrow letters, cut between records.

/** A text with a length of two bytes, flags, and runs of formats behind it. */
export function unicode(data: Buffer, at: number): { readonly text: string; readonly end: number } {
  const [length, flags] = [data.readUInt16LE(at), data.readUInt8(at + 2)]
  const [isWide, hasPhonetic, isRich] = [(flags & 1) !== 0, (flags & 4) !== 0, (flags & 8) !== 0]
  let from = at + 3
  const runs = isRich ? data.readUInt16LE(from) : 0
  if (isRich) from += 2
  const phonetic = hasPhonetic ? data.readUInt32LE(from) : 0
  if (hasPhonetic) from += 4
  const to = from + length * (isWide ? 2 : 1)
  return { text: data.toString(isWide ? 'utf16le' : 'latin1', from, to), end: to + runs * 4 + phonetic }
}

/**
 * The texts that cells share. Where one goes on in the next record, that begins with a byte that says anew how wide its
 * letters are ([MS-XLS], 2.5.293).
 */
export function sharedStrings(parts: readonly Buffer[]): string[] {
  const strings: string[] = []
  let [part, at] = [0, 8]
  const current = () => parts[part] ?? Buffer.alloc(0)
  const next = (): boolean => {
    if (part + 1 >= parts.length) return false
    part++
    at = 0
    return true
  }
  const byte = (count: number): number => {
    if (at + count > current().length && !next()) throw new RangeError('the texts end before their end')
    const value = current().readUIntLE(at, count)
    at += count
    return value
  }
  const pass = (count: number) => {
    for (let left = count; left > 0;) {
      const here = Math.min(left, current().length - at)
      at += here
      left -= here
      if (left > 0 && !next()) return
    }
  }
  const count = (parts[0]?.length ?? 0) >= 8 ? current().readUInt32LE(4) : 0
  try {
    while (strings.length < count) {
      const [length, flags] = [byte(2), byte(1)]
      const runs = (flags & 8) !== 0 ? byte(2) : 0
      const phonetic = (flags & 4) !== 0 ? byte(4) : 0
      let [isWide, left, text] = [(flags & 1) !== 0, length, '']
      while (left > 0) {
        if (at >= current().length) {
          if (!next()) break
          isWide = (current().readUInt8(0) & 1) !== 0
          at = 1
        }
        const width = isWide ? 2 : 1
        const here = Math.min(left, Math.floor((current().length - at) / width))
        if (here === 0) break
        text += current().toString(isWide ? 'utf16le' : 'latin1', at, at + here * width)
        at += here * width
        left -= here
      }
      strings.push(text)
      pass(runs * 4 + phonetic)
    }
  } catch (error) {
    if (!(error instanceof RangeError)) throw error // what can be read is read
  }
  return strings
}

/** The text of a note or a shape: its letters are the first continuation, their formats the next. */
export function objectText(data: Buffer, more: readonly Buffer[]): string {
  let [left, text] = [data.readUInt16LE(10), '']
  for (const part of more) {
    if (left <= 0 || part.length === 0) break
    const isWide = (part.readUInt8(0) & 1) !== 0
    const here = Math.min(left, Math.floor((part.length - 1) / (isWide ? 2 : 1)))
    text += part.toString(isWide ? 'utf16le' : 'latin1', 1, 1 + here * (isWide ? 2 : 1))
    left -= here
  }
  return text
}
