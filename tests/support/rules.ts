// Rules about the documents of `searchedPlan`: by chance, and every operator of every field.

import type { Rule, TypeGroup } from '../../core/find/index'
import { FILED, READING_KINDS, TEXT_OPS, TIME_FIELDS, TIME_UNITS, TYPE_GROUP_NAMES } from '../../core/find/index'
import { ORIGINS } from '../../core/rows/index'
import { foldedText, LANGUAGES } from '../../core/text/index'
import type { Random } from '../../demo/random'
import type { Searched } from './searchedPlan'
import { EXTENSIONS, WORDS } from './searchedPlan'

const TEXT_FIELDS = ['name', 'remark', 'sender', 'author', 'number'] as const
const EMPTY_FIELDS = ['remark', 'sender', 'author', 'number', 'tags', 'language', 'opened', 'dated'] as const

/** `depth`: how many groups may stand in one another. */
export function randomRule(plan: Searched, random: Random, depth: number): Rule {
  const { folders, meanings, tags } = plan
  const kind = random.int(0, depth > 0 ? 24 : 19)
  const word = () => foldedText(random.pick(WORDS)).split(' ')[0] ?? ''
  const side = (time: string) => (random.next() < 0.4 ? null : time)
  switch (kind) {
    case 0:
      return { kind: 'word', text: word(), prefix: false }
    case 1:
      return { kind: 'word', text: word().slice(0, random.int(1, 4)), prefix: true }
    case 2:
      return { kind: 'phrase', words: [word(), word()] }
    case 3:
      return { kind: 'type', anyOf: random.some<TypeGroup>(['text', 'table', 'other', 'pdf'], random.int(1, 2)) }
    case 4:
      return { kind: 'place', folderId: random.next() < 0.2 ? null : random.pick(folders), below: random.next() < 0.5 }
    case 5:
      return { kind: 'star', on: random.next() < 0.5 }
    case 6:
      return { kind: 'tag', anyOf: random.some(tags, random.int(1, 2)) }
    case 7:
      return { kind: 'origin', anyOf: random.some(['upload', 'mail', 'scan'] as const, random.int(1, 2)) }
    case 8:
      return { kind: 'filed', anyOf: random.some(FILED, random.int(1, 2)) }
    case 9:
      return {
        kind: 'time',
        field: random.pick(TIME_FIELDS),
        from: side('2025-03-15T00:00:00.000Z'),
        before: side('2026-04-01T00:00:00.000Z'),
      }
    case 10:
      return {
        kind: 'recent',
        field: random.pick(TIME_FIELDS),
        count: random.int(1, 14),
        unit: random.pick(TIME_UNITS),
      }
    case 11:
      return {
        kind: 'size',
        from: random.next() < 0.4 ? null : random.int(0, 90),
        before: random.next() < 0.4 ? null : random.int(20, 160),
      }
    case 12:
      return {
        kind: 'text',
        field: random.pick(TEXT_FIELDS),
        op: random.pick(TEXT_OPS),
        value: random.pick([word(), `${word()} ${word()}`, '1', word().slice(1, 4)]),
      }
    case 13:
      return { kind: 'meaning', anyOf: random.some([meanings[0] ?? null, meanings[1] ?? null, null], random.int(1, 2)) }
    case 14:
      return { kind: 'language', anyOf: random.some(['en', 'de', 'fr'] as const, random.int(1, 2)) }
    case 15:
      return { kind: 'reading', anyOf: random.some(READING_KINDS, random.int(1, 2)) }
    case 16:
      return { kind: 'empty', field: random.pick(EMPTY_FIELDS) }
    case 17:
      return { kind: 'twin' }
    case 18:
      return { kind: 'inside', words: random.next() < 0.5 ? [word()] : [word(), word()] }
    case 19:
      return { kind: 'format', anyOf: random.some(EXTENSIONS, random.int(1, 2)) }
    default:
      return {
        kind: random.pick(['all', 'any', 'none'] as const),
        rules: Array.from({ length: random.int(0, 3) }, () => randomRule(plan, random, depth - 1)),
      }
  }
}

/** Every operator of every field, with values that some documents fit and some do not. */
export function everyRule({ folders, meanings, tags }: Searched): Rule[] {
  const [from, before] = ['2025-03-15T00:00:00.000Z', '2026-04-01T00:00:00.000Z']
  return [
    ...TEXT_FIELDS.flatMap(field =>
      TEXT_OPS.flatMap((op): Rule[] =>
        ['berth', 'tid', '1', 'berth lease', ''].map(value => ({ kind: 'text', field, op, value })),
      ),
    ),
    ...TIME_FIELDS.flatMap((field): Rule[] => [
      { kind: 'time', field, from, before },
      { kind: 'time', field, from, before: null },
      { kind: 'time', field, from: null, before },
      { kind: 'time', field, from: null, before: null },
    ]),
    ...TIME_FIELDS.flatMap(field => TIME_UNITS.map((unit): Rule => ({ kind: 'recent', field, count: 3, unit }))),
    ...[
      [null, null],
      [40, null],
      [null, 90],
      [40, 90],
    ].map(([least, most]): Rule => ({ kind: 'size', from: least ?? null, before: most ?? null })),
    ...EMPTY_FIELDS.map((field): Rule => ({ kind: 'empty', field })),
    ...READING_KINDS.map((kind): Rule => ({ kind: 'reading', anyOf: [kind] })),
    ...FILED.map((kind): Rule => ({ kind: 'filed', anyOf: [kind] })),
    ...ORIGINS.map((origin): Rule => ({ kind: 'origin', anyOf: [origin] })),
    ...LANGUAGES.map((language): Rule => ({ kind: 'language', anyOf: [language] })),
    ...TYPE_GROUP_NAMES.map((group): Rule => ({ kind: 'type', anyOf: [group] })),
    ...[meanings[0] ?? null, meanings[1] ?? null, null].map((meaning): Rule => ({ kind: 'meaning', anyOf: [meaning] })),
    ...tags.map((tag): Rule => ({ kind: 'tag', anyOf: [tag] })),
    ...folders.flatMap((folderId): Rule[] => [
      { kind: 'place', folderId, below: true },
      { kind: 'place', folderId, below: false },
    ]),
    { kind: 'place', folderId: null, below: false },
    ...EXTENSIONS.map((extension): Rule => ({ kind: 'format', anyOf: [extension] })),
    { kind: 'inside', words: ['berth'] },
    { kind: 'inside', words: ['berth', 'lease'] },
    { kind: 'twin' },
    { kind: 'star', on: true },
    { kind: 'star', on: false },
    ...WORDS.map(foldedText).flatMap((text): Rule[] =>
      text.includes(' ')
        ? [{ kind: 'phrase', words: text.split(' ') }]
        : [
            { kind: 'word', text, prefix: false },
            { kind: 'word', text: text.slice(0, 3), prefix: true },
            { kind: 'phrase', words: [text, 'berth'] },
          ],
    ),
  ]
}
