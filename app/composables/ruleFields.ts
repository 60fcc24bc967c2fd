// What a rule can be about, as it is chosen by pointing: the name of the field, and the rule it begins with.

import type { LeafRule } from '../../core/find/index'

export interface RuleField {
  readonly key: string
  readonly name: string
  readonly fresh: () => LeafRule
  readonly is: (rule: LeafRule) => boolean
}

const textField = (field: 'name' | 'remark' | 'sender' | 'number', name: string): RuleField => ({
  key: field,
  name,
  fresh: () => ({ kind: 'text', field, op: 'contains', value: '' }),
  is: rule => rule.kind === 'text' && rule.field === field,
})
const timeField = (field: 'changed' | 'added' | 'opened' | 'dated', name: string): RuleField => ({
  key: field,
  name,
  fresh: () => ({ kind: 'recent', field, count: 7, unit: 'day' }),
  is: rule => (rule.kind === 'time' || rule.kind === 'recent') && rule.field === field,
})

export const RULE_FIELDS: readonly RuleField[] = [
  {
    key: 'word',
    name: 'Words',
    fresh: () => ({ kind: 'phrase', words: [] }),
    is: rule => rule.kind === 'phrase' || rule.kind === 'word',
  },
  textField('name', 'Name'),
  { key: 'type', name: 'Type', fresh: () => ({ kind: 'type', anyOf: ['pdf'] }), is: rule => rule.kind === 'type' },
  {
    key: 'place',
    name: 'Place',
    fresh: () => ({ kind: 'place', folderId: null, below: true }),
    is: rule => rule.kind === 'place',
  },
  {
    key: 'meaning',
    name: 'Colour',
    fresh: () => ({ kind: 'meaning', anyOf: [null] }),
    is: rule => rule.kind === 'meaning',
  },
  { key: 'tag', name: 'Tag', fresh: () => ({ kind: 'tag', anyOf: [] }), is: rule => rule.kind === 'tag' },
  timeField('changed', 'Changed'),
  timeField('added', 'Added'),
  timeField('opened', 'Opened'),
  timeField('dated', 'Dated'),
  {
    key: 'size',
    name: 'Size',
    fresh: () => ({ kind: 'size', from: 1_000_000, before: null }),
    is: rule => rule.kind === 'size',
  },
  textField('sender', 'Sender'),
  textField('remark', 'Remark'),
  textField('number', 'Number'),
  { key: 'star', name: 'Star', fresh: () => ({ kind: 'star', on: true }), is: rule => rule.kind === 'star' },
  {
    key: 'origin',
    name: 'Way in',
    fresh: () => ({ kind: 'origin', anyOf: ['mail'] }),
    is: rule => rule.kind === 'origin',
  },
  { key: 'filed', name: 'Filed', fresh: () => ({ kind: 'filed', anyOf: ['none'] }), is: rule => rule.kind === 'filed' },
  {
    key: 'language',
    name: 'Language',
    fresh: () => ({ kind: 'language', anyOf: ['en'] }),
    is: rule => rule.kind === 'language',
  },
  {
    key: 'reading',
    name: 'Reading',
    fresh: () => ({ kind: 'reading', anyOf: ['wordless'] }),
    is: rule => rule.kind === 'reading',
  },
  { key: 'twin', name: 'Same bytes', fresh: () => ({ kind: 'twin' }), is: rule => rule.kind === 'twin' },
  {
    key: 'empty',
    name: 'Nothing in',
    fresh: () => ({ kind: 'empty', field: 'tags' }),
    is: rule => rule.kind === 'empty',
  },
]

export function fieldOf(rule: LeafRule): RuleField | undefined {
  return RULE_FIELDS.find(field => field.is(rule))
}

/** Whether the rule says something: one that is just begun is not asked yet. */
export function isComplete(rule: LeafRule): boolean {
  switch (rule.kind) {
    case 'phrase':
      return rule.words.length > 0
    case 'text':
      return rule.value.trim() !== ''
    case 'tag':
    case 'type':
    case 'origin':
    case 'filed':
    case 'language':
    case 'reading':
    case 'meaning':
      return rule.anyOf.length > 0
    default:
      return true
  }
}
