// Kept searches that every plan begins with.

import type { Rule } from './rule'

export interface Starter {
  readonly name: string
  readonly query: Readonly<Record<string, string>>
}

const rule = (made: Rule) => JSON.stringify(made)
const notLately = (field: 'added' | 'opened' | 'starred', count: number, unit: 'day' | 'month'): Rule => ({
  kind: 'none',
  rules: [{ kind: 'recent', field, count, unit }],
})

export const STARTERS: readonly Starter[] = [
  { name: 'Changed this week', query: { when: 'changed', last: '7-day', sort: 'changed' } },
  {
    name: 'Largest',
    query: { rule: rule({ kind: 'all', rules: [{ kind: 'size', from: 1_000_000, before: null }] }), sort: 'size' },
  },
  {
    name: 'No place for more than a week',
    query: { places: 'in-tray', rule: rule({ kind: 'all', rules: [notLately('added', 7, 'day')] }) },
  },
  { name: 'Same bytes twice', query: { rule: rule({ kind: 'all', rules: [{ kind: 'twin' }] }), sort: 'name' } },
  {
    name: 'Starred, not opened for a month',
    query: {
      star: 'yes',
      rule: rule({ kind: 'all', rules: [notLately('opened', 1, 'month'), notLately('starred', 1, 'month')] }),
    },
  },
  {
    name: 'Scans without text',
    query: { types: 'picture,pdf', rule: rule({ kind: 'all', rules: [{ kind: 'reading', anyOf: ['wordless'] }] }) },
  },
]
