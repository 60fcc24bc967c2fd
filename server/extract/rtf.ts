// Rich Text Format 1.9.1: groups in braces, control words, letters as \\'hh in the code page of their font or as
// \\uN with as many stand-ins behind it as \\ucN says. Only the text is wanted.

import { CHARSETS } from './charsets'
import iconv from 'iconv-lite'
import { TEXT_LIMIT, Unreadable } from './outcome'
import { tidyLines } from './xmlText'

// Groups that hold no text of the document.
const HIDDEN = new Set(
  (
    'colortbl stylesheet info pict generator listtable listoverridetable themedata colorschememapping datastore ' +
    'latentstyles xmlnstbl rsidtbl fldinst bkmkstart bkmkend datafield objdata objclass objname revtbl filetbl ' +
    'pgdsctbl mmathPr wgrffmtfilter defchp defpap listtext pntext sp sn userprops pnseclvl panose atnid atrfstart ' +
    'atrfend atndate atnref atntime atnicn blipuid nonshppict do'
  ).split(' '),
)
// Groups that may be passed over by who does not know them, and hold text all the same.
const SHOWN = new Set([
  'shpinst',
  'shptxt',
  'shprslt',
  'annotation',
  'footnote',
  'atnauthor',
  'htmltag',
  'pnlvl',
  'fldrslt',
  'xe',
  'tc',
  'ud',
  'result',
  'ftnsep',
  'listname',
])
const SIGNS: Readonly<Record<string, string>> = {
  par: '\n',
  line: '\n',
  row: '\n',
  nestrow: '\n',
  sect: '\n',
  page: '\n',
  tab: '\t',
  cell: '\t',
  nestcell: '\t',
  emdash: '—',
  endash: '–',
  lquote: '‘',
  rquote: '’',
  ldblquote: '“',
  rdblquote: '”',
  bullet: '•',
  emspace: ' ',
  enspace: ' ',
  qmspace: ' ',
}
const TOKEN = /\\([a-z]+)(-?\d+)? ?|((?:\\'[0-9a-f]{2})+)|\\([^a-z])|([{}])|([^\\{}\r\n]+)|[\r\n]+/gi

const NOTHING = Buffer.alloc(0)

interface Group {
  readonly hidden: boolean
  readonly standIns: number
  readonly codePage: string
  /** The group defines a font: its number, and that it is one. */
  readonly inFonts: boolean
}

export function readRtf(bytes: Uint8Array): string {
  const source = Buffer.from(bytes.buffer, bytes.byteOffset, bytes.length).toString('latin1')
  if (!/^\s*\{\\rtf/.test(source.slice(0, 200))) throw new Unreadable('It is named RTF but is none.')
  const text = new RtfText(known(/\\ansicpg(\d+)/.exec(source)?.[1] ?? '1252'))
  for (const [, word, number, codes, symbol, brace, plain] of source.matchAll(TOKEN)) {
    if (text.length > TEXT_LIMIT) break
    if (brace !== undefined) text.brace(brace)
    else if (codes !== undefined) text.codes(codes)
    else if (symbol !== undefined) text.symbol(symbol)
    else if (plain !== undefined) text.plain(plain)
    else if (word !== undefined) text.word(word, Number(number))
  }
  return tidyLines(text.parts.join('').replaceAll('\0', ''))
}

/** The text as far as it was read, and the group that the reading is in. */
class RtfText {
  readonly parts: string[] = []
  length = 0
  private readonly fonts = new Map<number, string>()
  private readonly groups: Group[] = []
  private group: Group
  /** Stand-ins that are still to be passed over. */
  private skip = 0
  private font = 0
  private isOptional = false
  /** The first byte of a letter of two. */
  private cut = NOTHING

  constructor(private readonly plainPage: string) {
    this.group = { hidden: false, standIns: 1, codePage: plainPage, inFonts: false }
  }

  brace(brace: string): void {
    this.skip = 0
    if (brace === '{') this.groups.push(this.group)
    else this.group = this.groups.pop() ?? this.group
  }

  /** Several in a row belong together: in eastern code pages two of them are one letter. */
  codes(codes: string): void {
    const raw = Buffer.from(codes.replaceAll("\\'", ''), 'hex')
    const left = raw.subarray(Math.min(this.skip, raw.length))
    this.skip = Math.max(0, this.skip - raw.length)
    if (isCut(left, this.group.codePage)) this.cut = left
    else if (left.length > 0) this.write(iconv.decode(left, this.group.codePage))
  }

  plain(text: string): void {
    if (this.cut.length === 0) return this.write(text)
    this.write(iconv.decode(Buffer.concat([this.cut, Buffer.from(text.slice(0, 1), 'latin1')]), this.group.codePage))
    this.cut = NOTHING
    this.write(text.slice(1))
  }

  symbol(symbol: string): void {
    if (symbol === '*') this.isOptional = true
    else this.write({ '~': '\u00a0', '-': '', _: '-' }[symbol] ?? symbol)
  }

  word(word: string, number: number): void {
    if (word === 'u') {
      this.write(String.fromCharCode((number + 65_536) % 65_536))
      this.skip = this.group.standIns
    } else if (word === 'uc') this.group = { ...this.group, standIns: number }
    else if (word === 'fonttbl') this.group = { ...this.group, hidden: true, inFonts: true }
    else if (word === 'f' || word === 'fcharset' || word === 'plain') this.fontWord(word, number)
    else if (HIDDEN.has(word) || (this.isOptional && !SHOWN.has(word))) this.group = { ...this.group, hidden: true }
    else if (word in SIGNS) this.write(SIGNS[word] ?? '')
    this.isOptional = false
  }

  private fontWord(word: string, number: number): void {
    if (word === 'fcharset') {
      if (this.group.inFonts) this.fonts.set(this.font, CHARSETS[number] ?? this.plainPage)
    } else if (word === 'f' && this.group.inFonts) this.font = number
    else this.group = { ...this.group, codePage: (word === 'f' && this.fonts.get(number)) || this.plainPage }
  }

  private write(letters: string): void {
    const left = letters.slice(Math.min(this.skip, letters.length))
    this.skip = Math.max(0, this.skip - letters.length)
    if (this.group.hidden || left === '') return
    this.parts.push(left)
    this.length += left.length
  }
}

function known(number: string): string {
  const eastern = { '932': 'shift_jis', '936': 'gbk', '949': 'cp949', '950': 'big5' }[number]
  const codePage = eastern ?? `windows-${number}`
  return iconv.encodingExists(codePage) ? codePage : 'windows-1252'
}

/** In eastern code pages a letter may be two bytes, of which the second stands as a plain sign. */
function isCut(raw: Buffer, codePage: string): boolean {
  if (codePage.startsWith('windows-') || codePage === 'macintosh') return false
  let at = 0
  while (at < raw.length)
    at += (raw[at] ?? 0) > 0x80 && !(codePage === 'shift_jis' && isHalfWidth(raw[at] ?? 0)) ? 2 : 1
  return at > raw.length
}

const isHalfWidth = (byte: number) => byte >= 0xa1 && byte <= 0xdf
