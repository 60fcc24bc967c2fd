// What the parts of a document are, and how a hit says in which of them it stands.

export const PART_KINDS = [
  'text',
  'page',
  'sheet',
  'values',
  'slide',
  'notes',
  'message',
  'chapter',
  'footnotes',
  'endnotes',
  'comments',
  'header',
  'chart',
  'diagram',
  'drawing',
  'embedded',
  'attachment',
] as const
export type PartKind = (typeof PART_KINDS)[number]

/** `name` as the document says it: of a sheet, a chapter, the subject of a message, the number of a slide. */
export interface PartName {
  readonly kind: PartKind
  readonly name: string
}

const named = (word: string) => (name: string) => (name === '' ? '' : `${word} ${name}`)

const LABELS: Readonly<Record<PartKind, (name: string, page: number | null) => string>> = {
  // With a page only where no newer reader has said yet what it is.
  text: (_, page) => (page === null ? '' : `p. ${page}`),
  page: (_, page) => `p. ${page ?? ''}`,
  sheet: named('sheet'),
  values: named('exact values of sheet'),
  slide: named('slide'),
  notes: name => (name === '' ? 'notes to the slides' : `notes to slide ${name}`),
  message: (name, page) => (name === '' ? `message ${page ?? ''}` : `message ${page ?? ''}, ${name}`),
  chapter: named('chapter'),
  footnotes: () => 'footnotes',
  endnotes: () => 'endnotes',
  comments: () => 'comments',
  header: () => 'header or footer',
  chart: () => 'a chart',
  diagram: () => 'a diagram',
  drawing: () => 'a drawing',
  embedded: name => (name === '' ? 'an embedded document' : `an embedded document, ${name}`),
  attachment: named('attachment'),
}

/**
 * "p. 4", "sheet Budget", "notes to slide 4"; empty in the text itself. `page` counts the parts from 1; null where they
 * are no pages.
 */
export function partLabel({ kind, name }: PartName, page: number | null): string {
  return LABELS[kind](name, page)
}

const COUNTED: readonly (readonly [PartKind, string, string])[] = [
  ['page', 'page', 'pages'],
  ['sheet', 'sheet', 'sheets'],
  ['slide', 'slide', 'slides'],
  ['message', 'message', 'messages'],
]

/** "12 slides", "3 sheets"; empty where a document has no parts that people count. */
export function partCounts(counts: readonly { readonly kind: PartKind; readonly count: number }[]): string {
  return COUNTED.flatMap(([kind, one, many]) => {
    const count = counts.find(each => each.kind === kind)?.count ?? 0
    return count === 0 ? [] : [`${count.toLocaleString('en-GB')} ${count === 1 ? one : many}`]
  }).join(', ')
}
