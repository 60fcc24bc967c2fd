// Rich Text Format 1.9.1: groups in braces, control words, letters as \\'hh in the code page of the text or as
// \\uN with as many stand-ins behind it as \\ucN says. Only the text is wanted.

import iconv from 'iconv-lite'
import { TEXT_LIMIT, Unreadable } from './outcome'

// Groups that hold no text of the document.
const HIDDEN = new Set([
  'fonttbl',
  'colortbl',
  'stylesheet',
  'info',
  'pict',
  'object',
  'header',
  'footer',
  'generator',
  'listtable',
  'listoverridetable',
  'themedata',
  'datastore',
  'latentstyles',
  'xmlnstbl',
  'rsidtbl',
  'fldinst',
  'bkmkstart',
  'bkmkend',
])
const SIGNS: Readonly<Record<string, string>> = {
  par: '\n',
  line: '\n',
  row: '\n',
  sect: '\n',
  page: '\n',
  tab: '\t',
  cell: '\t',
  emdash: '—',
  endash: '–',
  lquote: '‘',
  rquote: '’',
  ldblquote: '“',
  rdblquote: '”',
  bullet: '•',
}
const TOKEN = /\\([a-z]+)(-?\d+)? ?|\\'([0-9a-f]{2})|\\([^a-z])|([{}])|([^\\{}\r\n]+)|[\r\n]+/gi

interface Group {
  readonly hidden: boolean
  readonly standIns: number
}

export function readRtf(bytes: Uint8Array): string {
  const source = Buffer.from(bytes.buffer, bytes.byteOffset, bytes.length).toString('latin1')
  if (!source.startsWith('{\\rtf')) throw new Unreadable('It is named RTF but is none.')
  const page = `windows-${/\\ansicpg(\d+)/.exec(source)?.[1] ?? '1252'}`
  const codePage = iconv.encodingExists(page) ? page : 'windows-1252'
  const groups: Group[] = []
  let group: Group = { hidden: false, standIns: 1 }
  let skip = 0
  let text = ''
  const write = (letters: string) => {
    if (skip > 0) {
      skip--
      return
    }
    if (!group.hidden) text += letters
  }
  for (const [, word, number, code, symbol, brace, plain] of source.matchAll(TOKEN)) {
    if (text.length > TEXT_LIMIT) break
    if (brace === '{') groups.push(group)
    else if (brace === '}') group = groups.pop() ?? group
    else if (code !== undefined) write(iconv.decode(Buffer.from(code, 'hex'), codePage))
    else if (symbol === '*') group = { ...group, hidden: true }
    else if (symbol !== undefined) write(symbol === '~' ? '\u00a0' : symbol === '-' || symbol === '_' ? '' : symbol)
    else if (plain !== undefined) text += group.hidden ? '' : plain.slice(Math.min(skip, plain.length))
    else if (word === 'uc') group = { ...group, standIns: Number(number) }
    else if (word === 'u') {
      skip = 0
      write(String.fromCharCode((Number(number) + 65_536) % 65_536))
      skip = group.standIns
      continue
    } else if (word !== undefined && HIDDEN.has(word)) group = { ...group, hidden: true }
    else if (word !== undefined && word in SIGNS) write(SIGNS[word] ?? '')
    if (plain !== undefined) skip = 0
  }
  return text
}
