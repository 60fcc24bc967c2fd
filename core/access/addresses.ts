// Addresses of mail as a person writes them down: several, with commas, semicolons, spaces or lines between, with or
// without the name ("Per Aske <per@harbour.example>").

const BETWEEN = /[\s,;]+/
const IN_BRACKETS = /<([^<>]*)>/g
// One @, a dot behind it, none of the signs that would end an address (RFC 5321 allows more than any person has).
const ADDRESS = /^[^\s@<>()[\]\\,;:"]+@[^\s@<>()[\]\\,;:"]+\.[^\s@<>()[\]\\,;:".]+$/

export interface Addresses {
  /** Each once, in small letters. */
  readonly addresses: readonly string[]
  /** Parts that are none, as they were typed. */
  readonly wrong: readonly string[]
}

export function addressesIn(text: string): Addresses {
  const bracketed = [...text.matchAll(IN_BRACKETS)].map(([, inside = '']) => inside.trim())
  // With brackets, what stands before each is a name.
  const bare = bracketed.length === 0 ? text : text.replace(/[^,;\n]*<[^<>]*>/g, ' ')
  const parts = [...bracketed, ...bare.split(BETWEEN)].filter(part => part !== '')
  return {
    addresses: [...new Set(parts.filter(part => ADDRESS.test(part)).map(part => part.toLowerCase()))],
    wrong: parts.filter(part => !ADDRESS.test(part)),
  }
}
