// How far the words of a document were read.

import { valuesField } from './valuesField'

/**
 * wordless: it was read, and there is no word in it. waiting: also while its pages are still to be recognised. none:
 * not of a type that is read.
 */
export const READING_KINDS = ['read', 'wordless', 'waiting', 'failed', 'locked', 'none'] as const
export type ReadingKind = (typeof READING_KINDS)[number]

/** The reading kind of the document under this alias. */
const readingOf = (
  d: string,
): string => `(SELECT coalesce(max(CASE r.state WHEN 'read' THEN CASE WHEN r.words <> '' THEN 'read'
  WHEN EXISTS (SELECT FROM scan_page q WHERE q.blob_id = r.blob_id) THEN 'waiting' ELSE 'wordless' END
  WHEN 'failed' THEN 'failed' WHEN 'locked' THEN 'locked' ELSE 'waiting' END), 'none')
  FROM reading r WHERE r.blob_id = ${d}.blob_id)`

/** What was read without words was read as well. */
const meant = (value: ReadingKind): readonly ReadingKind[] => (value === 'read' ? ['read', 'wordless'] : [value])

export const readingField = valuesField({
  key: 'reading',
  name: 'Reading',
  values: READING_KINDS,
  labels: {
    read: 'was read',
    wordless: 'holds no words',
    waiting: 'waits to be read',
    failed: 'cannot be read',
    locked: 'is locked',
    none: 'is of a type never read',
  },
  head: null,
  typed: {
    read: 'read',
    wordless: 'without words',
    waiting: 'waiting to be read',
    failed: 'not readable',
    locked: 'locked',
    none: 'never read',
  },
  what: 'reading',
  begins: ['wordless'],
  has: ({ reading }: { readonly reading: ReadingKind }, value) => meant(value).includes(reading),
  columns: { reading: readingOf('d') },
  compile: (anyOf, { bind, d }) => `${readingOf(d)} = ANY(${bind(anyOf.flatMap(meant))}::text[])`,
})
