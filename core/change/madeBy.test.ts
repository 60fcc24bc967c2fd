import { describe, expect, it } from 'vitest'
import { documentRow } from '../../tests/support/rows'
import type { OrderId } from '../ids'
import { inserted, updated } from './change'
import { madeByOf } from './madeBy'

describe(madeByOf, () => {
  const paper = documentRow('a', {})
  it.each([
    ['person', []],
    ['person', [inserted('document', { ...paper, origin: 'upload' })]],
    ['person', [inserted('document', { ...paper, origin: 'copy', filedBy: 'o' as OrderId })]],
    ['arrival', [inserted('document', { ...paper, origin: 'mail' })]],
    ['order', updated('document', paper, { filedBy: 'o' as OrderId })],
  ] as const)('%s', (by, rows) => {
    expect(madeByOf(rows)).toBe(by)
  })
})
